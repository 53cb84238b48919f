export { ReceiveStation as default } from "./ReceiveStation";
