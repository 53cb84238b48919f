export { ReceiveStation as default } from "./ReceiveStation";
export { TryItYourself } from "./TryItYourself";
