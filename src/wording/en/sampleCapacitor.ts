export const sampleCapacitor = {
  /** Square brackets hold what follows the investigation: [=formula], [result:…], [figure:…]; they stay as they are. */
  title: "A discharging capacitor",
  aim: "To find the capacitance of a capacitor from the way in which it discharges.",
  setUp:
    "The capacitor was charged to about 9 V and discharged through a resistor of [constant:resistor]. The voltage was recorded every five seconds; the readings before the switch was opened are set aside.",
  law: "The voltage falls as [=U = U_0*exp(-t/(R*C))], so its logarithm against time is a straight line.",
  found:
    "The line in [figure:main] gives [result:capacitance], the exponential in [figure:curve] gives [result:fitted]. Both agree within their ±.",
  doubts: "Late readings are small, so their logarithms scatter more than those at the start.",
  leadIn: "lead-in, before the switch was opened",
  time: "time",
  voltage: "voltage",
  logarithm: "logarithm of the voltage",
  resistor: "resistance",
  caption:
    "Logarithm of the voltage of the discharging capacitor against time; readings before the switch was opened are hollow, bars of t too small to be seen.",
  curveCaption:
    "Voltage of the discharging capacitor against time with the fitted exponential; the bars of t are too small to be seen.",
  fromLine: "capacitance from the line",
  fromCurve: "capacitance from the curve",
  printed: "printed on the case",
} as const;
