import dayjs from "dayjs";
import timezone from "dayjs/plugin/timezone.js";
import utc from "dayjs/plugin/utc.js";

dayjs.extend(utc);
dayjs.extend(timezone);

const typed = "YYYY-MM-DDTHH:mm";

/** Whether there is a time zone of that name. */
export function isTimeZone(name: string): boolean {
  try {
    return Boolean(new Intl.DateTimeFormat("en", { timeZone: name }));
  } catch {
    return false;
  }
}

/** The moment that a clock of a zone shows as "2026-12-04T12:00"; undefined for what is no time. */
export function momentOf(time: string, timeZone: string): Date | undefined {
  const isTime = dayjs.utc(time).format(typed) === time;
  return isTime ? dayjs.tz(time, timeZone).toDate() : undefined;
}

/** What a clock of a zone shows at a moment, as it is typed into a field. */
export const timeAt = (moment: Date, timeZone: string): string =>
  dayjs(moment).tz(timeZone).format(typed);
