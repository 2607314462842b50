export const sampleCistern = {
  /** Square brackets hold what follows the investigation: [=formula], [result:…], [figure:…]; they stay as they are. */
  title: "A leaking cistern",
  aim: "To find how much less water leaves a round hole than the speed of fall would say.",
  setUp:
    "Water ran from a cistern through a hole of [constant:hole] near its foot. The head was kept steady by topping up, and the time for [constant:volume] was taken three times at each head.",
  law: "The water would leave with [=v = √(2 g h)]; of this the share [=c_d] is found in the whole hole, so [=v^2] against [=h] is a straight line of slope [=2*g*c_d^2].",
  found:
    "The slope of [figure:main] was [slope:main]; so the coefficient is [result:coefficient]. The jet narrows behind the hole, which explains a number below one.",
  doubts:
    "The diameter is common to all points: its ± tilts the line as a whole and shows in no error bar, but it is in the result.",
  volume: "volume collected",
  hole: "diameter of the hole",
  drill: "drill, checked with a caliper",
  fall: "acceleration of free fall",
  table: "table",
  head: "head of water",
  time: "time for half a litre",
  speed: "mean speed in the hole",
  squared: "speed squared",
  caption:
    "Square of the speed in the hole against the head of water, with the best-fit, the steepest and the shallowest line; the bars of h are too small to be seen.",
  coefficient: "coefficient of the hole",
  accepted: "table, sharp-edged round hole",
} as const;
