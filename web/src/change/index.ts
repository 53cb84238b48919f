export { ChangesOfUnit, UnitChanges } from "./UnitChanges";
