import { formatters } from "./formatters";
import { localeOf } from "./languages";
import { spoken } from "./spoken";

/** A day or a time of day as the language that is spoken writes it. */
export const writtenDate = (date: Date, options: Intl.DateTimeFormatOptions): string =>
  formatters.getDateTimeFormat(localeOf(spoken()), options).format(date);
