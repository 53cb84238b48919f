export { BillOfParts } from "./BillOfParts";
export { Money } from "./Money";
export { PartsToBuy } from "./PartsToBuy";
