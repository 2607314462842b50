import type { Translation } from "../language/texts";
import type { quickFormulas as english } from "../en/quickFormulas";

export const quickFormulas = {
  tenth: "{x} ÷ 10: eine von zehn Schwingungen",
  reciprocal: "1/{x}: Kehrwert",
  square: "{x}²: Quadrat",
  cube: "{x}³: dritte Potenz",
  root: "√{x}: Wurzel",
  ln: "ln {x}: natürlicher Logarithmus",
  log: "lg {x}: Zehnerlogarithmus",
  rate: "Δ{x}/Δ{y}: Änderungsrate",
  middle: "Mitte zwischen {x} und dem nächsten Wert",
  first: "{x} ohne den ersten Messwert",
  background: "{x} ohne {y}: Untergrund abgezogen",
  part: "{x} in Prozent von {y}",
  percent: "{x} im Verhältnis zum größten Wert",
  same: "{x} in einer anderen Einheit",
} satisfies Translation<typeof english>;
