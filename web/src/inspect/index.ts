export { InspectStation as default } from "./InspectStation";
