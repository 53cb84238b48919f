export { default } from "./PlacePage";
