export { InspectStation as default } from "./InspectStation";
export { RepairEnds } from "./RepairEnds";
