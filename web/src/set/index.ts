export { SetStation as default } from "./SetStation";
