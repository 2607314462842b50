import type { IStylesOptions } from "docx";
import { localeOf } from "@/wording/language/languages";
import type { Report } from "../report/report";
import { cellStyles } from "./docxTable";

/** Type and language of a report; word processors check its spelling by the language. */
export const documentStyles = ({ language }: Pick<Report, "language">): IStylesOptions => ({
  paragraphStyles: [...cellStyles],
  default: {
    document: {
      run: {
        font: "Times New Roman",
        size: 22,
        language: { value: localeOf(language), eastAsia: "zh-CN", bidirectional: "ar-SA" },
      },
    },
    title: { run: { size: 40, bold: true } },
    heading1: {
      run: { size: 27, bold: true, color: "14323C" },
      paragraph: { spacing: { before: 280, after: 80 }, keepNext: true },
    },
  },
});
