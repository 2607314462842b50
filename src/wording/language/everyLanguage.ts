import { catalogue as german } from "../de/catalogue";
import { samples as germanSamples } from "../de/samples";
import { samples } from "../en/samples";
import type { Catalogue } from "./texts";
import type { Spoken } from "./languages";
import { pseudoCatalogue, textsInPseudo } from "./pseudo";

/** The languages that stand beside English; on the server all are in hand, with what the samples say. */
export const everyLanguage: readonly (readonly [Spoken, () => Catalogue])[] = [
  ["de", () => ({ ...german, ...germanSamples })],
  ["pseudo", () => ({ ...pseudoCatalogue(), ...textsInPseudo(samples) })],
];
