export { BuildStation as default } from "./BuildStation";
