export { ProveStation as default } from "./ProveStation";
