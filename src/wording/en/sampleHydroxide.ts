export const sampleHydroxide = {
  /** Square brackets hold what follows the investigation: [=formula], [result:…], [figure:…]; they stay as they are. */
  title: "Barium hydroxide and sulfuric acid",
  aim: "To find the concentration of a solution of barium hydroxide.",
  setUp:
    "Sulfuric acid of [constant:acid] was let run from a burette into [constant:base] of barium hydroxide solution, with the two plates of a conductance cell in it. The conductance was read after each addition, corrected for the added volume.",
  law: "Barium sulfate and water form, and the solution loses its ions until both are used up alike; from then on the acid brings new ones. At the crossing [=c_b = c_a*V_e/V_b].",
  found:
    "The lines of [figure:main] cross at [result:crossing], so the concentration is [result:concentration].",
  doubts:
    "Readings next to the crossing were left out of neither line; they lie a little above both, for the salt is not wholly insoluble.",
  acid: "concentration of the acid",
  acidSource: "label of the stock solution",
  base: "volume of the base",
  volume: "volume of acid",
  conductance: "conductance",
  falling: "falling",
  rising: "rising",
  caption:
    "Conductance against the volume of acid that was added, with a line for the falling and one for the rising readings; the bars of V are too small to be seen.",
  crossing: "volume at the crossing",
  concentration: "concentration of barium hydroxide",
  weighed: "weighed in by the teacher",
} as const;
