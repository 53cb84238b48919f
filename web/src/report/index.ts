export { ReportPage as default } from "./ReportPage";
