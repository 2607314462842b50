import type { Catalogue } from "../language/texts";
import { sampleBriefs } from "./sampleBriefs";
import { sampleCapacitor } from "./sampleCapacitor";
import { sampleCistern } from "./sampleCistern";
import { sampleCross } from "./sampleCross";
import { sampleHydroxide } from "./sampleHydroxide";
import { sampleRule } from "./sampleRule";
import { sampleTube } from "./sampleTube";
import { sampleWires } from "./sampleWires";

/** What samples and their briefs say: only the server makes them, and no browser fetches it. */
export const samples: Catalogue = {
  sampleBriefs,
  sampleCapacitor,
  sampleCistern,
  sampleCross,
  sampleHydroxide,
  sampleRule,
  sampleTube,
  sampleWires,
};
