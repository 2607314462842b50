import { catalogue as german } from "../de/catalogue";
import type { Catalogue } from "./texts";
import type { Spoken } from "./languages";
import { pseudoCatalogue } from "./pseudo";

/** The languages that stand beside English; on the server all are in hand. */
export const everyLanguage: readonly (readonly [Spoken, () => Catalogue])[] = [
  ["de", () => german],
  ["pseudo", pseudoCatalogue],
];
