import type { Translation } from "../language/texts";
import type { pooling as english } from "../en/pooling";

export const pooling = {
  poolingWords: {
    ofBench: "Tisch {bench}",
    ofBenchAs: "Tisch {bench}, {own}",
    otherUnit:
      "Tisch {bench} misst {quantity} in {unit}; das lässt sich nicht neben die anderen stellen: Diese Messwerte fehlen.",
    noUnit: "keiner Einheit",
    title: "{title}: alle Tische",
    heading: "Wie die Tische zusammengelegt wurden",
    benches:
      "Die Messwerte von {count, plural, one {# Tisch} other {# Tischen}}, jeder Tisch eine Messreihe. Die Gerade über alle nimmt jeden Messwert gleich.",
    ownUncertainty:
      "Tisch {bench} gibt ein eigenes ± für {quantity} an: Es steht hinter jedem seiner Messwerte.",
    otherConstant:
      "Tisch {bench} nahm {symbol} = {value}; hier wird überall mit einem Wert gerechnet.",
    caption:
      "Die Messwerte jedes Tisches mit seiner Ausgleichsgeraden; die Gerade in Tinte ist die Ausgleichsgerade über alle Tische.",
  },
} satisfies Translation<typeof english>;
