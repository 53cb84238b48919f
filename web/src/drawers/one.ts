export { DrawerPage as default } from "./DrawerPage";
