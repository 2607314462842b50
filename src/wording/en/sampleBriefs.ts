export const sampleBriefs = {
  /** Briefs that come with the samples: what is asked under each heading, what is marked, and words for the stages. */
  aim: "What do you want to find out, and by which straight line?",
  method: "What did you use, and how did you go about it, so that another bench could do the same?",
  discussion:
    "How do your result and the accepted value compare, within their ±? What limits the ± most?",
  references: "Where did values come from that you did not measure?",
  criteria: {
    readings: "Readings enough, repeated, with a fitting ±",
    straight: "The right pair made straight, with the reason",
    figure: "Figure fit to be printed: axes, bars, steepest and shallowest line",
    result: "Result with its ±, sensible figures and the unit",
    discussion: "Compared with the accepted value; what limits the ±",
  },
  clampedRule: {
    introduction:
      "A steel rule that is clamped at one end swings the faster the less of it hangs over. Find the stiffness of the steel from how the period goes with the overhang.",
    measure:
      "Time ten swings, and count from the lowest point. Measure each overhang twice from the clamp’s edge.",
    straighten: "Which powers of L and T lie on one line? Say why before you choose.",
    conclude: "Give E in gigapascals.",
  },
  resonatingTube: {
    introduction:
      "A tube over water sounds loudest at one length for each frequency. Find the speed of sound, and by how much the tube is longer than it looks.",
    measure: "Go past the loudest place and come back to it from the other side.",
    slope: "Mind where the line meets the axis: it is not the origin, and that is no fault.",
  },
  constantanWires: {
    introduction:
      "Two wires of the same alloy differ in thickness. Find the resistivity of constantan from both.",
    measure: "Keep the current small: a warm wire is another wire.",
  },
  dischargingCapacitor: {
    introduction:
      "A capacitor is discharged through a known resistor. Find its capacitance from how the voltage falls.",
    measure: "Read the voltage at a set time rather than the time at a set voltage.",
    straighten: "Small voltages have a large ± in the logarithm: look at the bars.",
  },
  fadingCross: {
    introduction:
      "The cross under the beaker fades while the solution turns cloudy, sooner when it is warm. Find the activation energy.",
    measure: "The same eyes judge the cross each time. Goggles on; keep the window open.",
    derive: "Temperatures go into the formula in kelvin.",
  },
  bariumHydroxide: {
    introduction:
      "Acid runs into barium hydroxide while the conductance is read. Find the concentration from where two lines cross.",
    measure: "Wait until the meter stands still after each addition. Goggles on.",
    slope: "Leave out the points near the bend: neither line is theirs.",
  },
  leakingCistern: {
    introduction:
      "Water runs out of a hole in a cistern. Find how much slower it is than falling water would be.",
    measure: "Let the head settle before you start the stopwatch.",
  },
} as const;
