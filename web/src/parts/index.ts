export { BillOfParts } from "./BillOfParts";
export { Money } from "./Money";
export { PartsToBuy } from "./PartsToBuy";
export { Shims } from "./Shims";
export { Spares } from "./Spares";
