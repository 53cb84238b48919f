export { ShopPage as default } from "./ShopPage";
