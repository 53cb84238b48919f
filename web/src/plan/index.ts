export { OrderPanel } from "./OrderPanel";
export { PlanPanel } from "./PlanPanel";
export { ReachPanel } from "./ReachPanel";
