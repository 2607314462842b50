import { licences as english } from "./en/licences";
import { worded } from "./language/worded";

const texts = worded("licences", english);

/** What leads to the licences of all that is shipped, at the foot of a page. */
export const licencesLabel = (): string => texts.label;
