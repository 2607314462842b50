import type { Translation } from "../language/texts";
import type { sampleHydroxide as english } from "../en/sampleHydroxide";

export const sampleHydroxide = {
  title: "Bariumhydroxid und Schwefelsäure",
  aim: "Bestimmt werden soll die Konzentration einer Bariumhydroxidlösung.",
  setUp:
    "Schwefelsäure von [constant:acid] wurde aus einer Bürette zu [constant:base] Bariumhydroxidlösung gegeben, in der die beiden Platten einer Leitfähigkeitsmesszelle standen. Nach jeder Zugabe wurde der Leitwert abgelesen und auf das zugegebene Volumen korrigiert.",
  law: "Es bilden sich Bariumsulfat und Wasser; die Lösung verliert ihre Ionen, bis beide Stoffe verbraucht sind, danach bringt die Säure neue. Am Schnittpunkt gilt [=c_b = c_a*V_e/V_b].",
  found:
    "Die Geraden in [figure:main] schneiden sich bei [result:crossing]; die Konzentration ist also [result:concentration].",
  doubts:
    "Messwerte nahe am Schnittpunkt wurden aus keiner der Geraden herausgenommen; sie liegen etwas über beiden, denn das Salz ist nicht völlig unlöslich.",
  acid: "Konzentration der Säure",
  acidSource: "Etikett der Vorratslösung",
  base: "Volumen der Lauge",
  volume: "Volumen der Säure",
  conductance: "Leitwert",
  falling: "fallend",
  rising: "steigend",
  caption:
    "Leitwert gegen das zugegebene Volumen der Säure mit je einer Geraden für die fallenden und die steigenden Messwerte; die Fehlerbalken von V sind zu klein, um sichtbar zu sein.",
  crossing: "Volumen am Schnittpunkt",
  concentration: "Konzentration der Bariumhydroxidlösung",
  weighed: "Einwaage der Lehrkraft",
} satisfies Translation<typeof english>;
