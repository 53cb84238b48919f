export { FillStation as default } from "./FillStation";
