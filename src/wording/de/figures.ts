import type { Translation } from "../language/texts";
import type { figures as english } from "../en/figures";

export const figures = {
  points: "{count, plural, one {# Punkt} other {# Punkte}}",
  pointsInSeries:
    "{count, plural, one {# Punkt} other {# Punkte}} in {series} Messreihen ({names})",
  aside: "{count} weitere beiseitegelegt",
  axes: "{up} nach oben gegen {across} nach rechts",
  axis: "{name} in {unit}",
  line: "dazu {names}",
  lines: "dazu {names}, je Messreihe",
  lineNames: {
    best: "Ausgleichsgerade",
    steepest: "steilste Gerade",
    shallowest: "flachste Gerade",
  },
  curves: "mit angepasster Kurve: {names}",
  strip: "darunter die Abweichung jedes Punkts von der Geraden",
} satisfies Translation<typeof english>;
