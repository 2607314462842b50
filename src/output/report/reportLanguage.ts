import type { Spoken } from "@/wording/language/languages";
import { speaking } from "@/wording/language/spoken";

/** The language of reports: what they say of their own is in English, whatever the window speaks. */
const reportLanguage: Spoken = "en";

/** Says something as the report says it: on its pages, in its files, and of the figures that are taken out. */
export const asReport = <Answer>(say: () => Answer): Answer => speaking(reportLanguage, say);
