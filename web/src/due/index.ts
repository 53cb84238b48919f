export { DuePage as default } from "./DuePage";
