import type { Translation } from "../language/texts";
import type { figures as english } from "../en/figures";

export const figures = {
  points: "{count, plural, one {# Punkt} other {# Punkte}}",
  inSeries: "in {count} Messreihen ({names})",
  aside: "{count} weitere beiseitegelegt",
  axes: "{up} nach oben gegen {across} nach rechts",
  axis: "{name} in {unit}",
  curves: "mit angepasster Kurve: {names}",
  strip: "darunter die Abweichung jedes Punkts von der Geraden",
  lines: {
    best: "Ausgleichsgerade",
    weighted: "gewichtete Ausgleichsgerade",
    steepest: "steilste Gerade",
    shallowest: "flachste Gerade",
  },
} satisfies Translation<typeof english>;
