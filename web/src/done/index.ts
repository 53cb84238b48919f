export { DoneAfter, PutBack } from "./Done";
