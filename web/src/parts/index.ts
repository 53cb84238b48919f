export { BillOfParts } from "./BillOfParts";
export { Money } from "./Money";
export { PartsToBuy } from "./PartsToBuy";
export { Spares } from "./Spares";
