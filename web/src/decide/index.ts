export { DecideStation as default } from "./DecideStation";
