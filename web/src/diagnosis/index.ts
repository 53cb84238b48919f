export { Causes } from "./Causes";
