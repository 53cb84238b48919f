export { DrawersPage as default } from "./DrawersPage";
