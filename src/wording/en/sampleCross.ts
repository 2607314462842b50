export const sampleCross = {
  /** Square brackets hold what follows the investigation: [=formula], [result:…], [figure:…]; they stay as they are. */
  title: "The fading cross",
  aim: "To find the activation energy of a reaction that clouds a solution.",
  setUp:
    "A beaker stood on a cross drawn on paper. Thiosulfate solution and dilute acid were brought to the same temperature and poured together, and the time was taken until the cross could not be seen any more, twice at each temperature.",
  law: "The reciprocal of this time stands for the rate: [=1/t = A*exp(-E_a/(R*T))]. So [=ln(1/t)] against [=1/T] is a straight line of slope [=-E_a/R].",
  found: "The slope of [figure:main] gives an activation energy of [result:energy].",
  doubts:
    "When the cross is gone is a matter of judgement; the same pair of eyes should judge every time.",
  celsius: "temperature",
  time: "time until the cross is gone",
  kelvin: "temperature",
  reciprocal: "reciprocal of the temperature",
  logarithm: "logarithm of the rate",
  caption:
    "Logarithm of the rate against the reciprocal of the temperature, with the best-fit, the steepest and the shallowest line; bars show the ±.",
  energy: "activation energy",
  accepted: "mean of last year’s class",
} as const;
