import type { Catalogue } from "../language/texts";

/** All that is said in German, by room. */
export const catalogue: Catalogue = {};
