export { StripStation as default } from "./StripStation";
