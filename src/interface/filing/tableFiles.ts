export { investigationJson } from "@/output/investigationJson";
export { tableCsv } from "@/output/tableCsv";
export { tablesXlsx } from "@/output/tableXlsx";
