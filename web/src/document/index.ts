export { BesideDocuments, DocumentsPanel } from "./Documents";
