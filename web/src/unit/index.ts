export { UnitsPage as default } from "./UnitsPage";
