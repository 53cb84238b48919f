export { JobPage as default } from "./JobPage";
