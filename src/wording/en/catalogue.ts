import type { Catalogue } from "../language/texts";
import * as door from "./parts/door";
import * as inside from "./parts/inside";
import * as rest from "./parts/rest";
import * as sheet from "./parts/sheet";
import * as shelf from "./parts/shelf";

/** All that is said in English, by room. */
export const catalogue: Catalogue = { ...door, ...inside, ...shelf, ...sheet, ...rest };
