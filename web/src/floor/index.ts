export { FloorPage as default } from "./FloorPage";
