export const sampleWires = {
  /** Square brackets hold what follows the investigation: [=formula], [result:…], [figure:…]; they stay as they are. */
  title: "Two constantan wires",
  aim: "To find the resistivity of constantan from two wires of different thickness.",
  setUp:
    "Each wire was stretched along a metre rule. A current of about 0.4 A was sent through a measured length of it, and the voltage across this length was read.",
  law: "The resistance of a wire is [=R = rho*l/A] with [=A = π*d^2/4], so resistance against length is a straight line through the origin.",
  found:
    "The lines in [figure:main] differ in slope, but both wires give the same resistivity within its ±: [result:thin] and [result:thick]. Together they give [result:both].",
  doubts: "The diameters enter squared and bring most of the uncertainty.",
  length: "length",
  current: "current",
  voltage: "voltage",
  resistance: "resistance",
  thin: "thin wire",
  thick: "thick wire",
  ofThin: "resistivity from the thin wire",
  ofThick: "resistivity from the thick wire",
  ofBoth: "resistivity of constantan",
  alloys: "table of alloys",
  thinDiameter: "diameter of the thin wire",
  thickDiameter: "diameter of the thick wire",
  caption:
    "Resistance of the two wires against the length measured, with the lines of each; the bars of l are too small to be seen.",
} as const;
