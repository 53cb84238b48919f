export { DoneAfter, PutBack } from "./Done";
export { LayOut } from "./LayOut";
