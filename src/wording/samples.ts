import { sampleBriefs } from "./en/sampleBriefs";
import { sampleCapacitor } from "./en/sampleCapacitor";
import { sampleCistern } from "./en/sampleCistern";
import { sampleCross } from "./en/sampleCross";
import { sampleHydroxide } from "./en/sampleHydroxide";
import { sampleRule } from "./en/sampleRule";
import { sampleTube } from "./en/sampleTube";
import { sampleWires } from "./en/sampleWires";
import { worded } from "./language/worded";

/** What the samples say, each in the language that is spoken when it is made. */
export const sampleWords = {
  clampedRule: worded("sampleRule", sampleRule),
  resonatingTube: worded("sampleTube", sampleTube),
  constantanWires: worded("sampleWires", sampleWires),
  dischargingCapacitor: worded("sampleCapacitor", sampleCapacitor),
  fadingCross: worded("sampleCross", sampleCross),
  bariumHydroxide: worded("sampleHydroxide", sampleHydroxide),
  leakingCistern: worded("sampleCistern", sampleCistern),
};

/** What the briefs of the samples ask. */
export const sampleBriefWords = worded("sampleBriefs", sampleBriefs);
