import type { Translation } from "../language/texts";
import type { sampleTube as english } from "../en/sampleTube";

export const sampleTube = {
  title: "Resonanzrohr über Wasser",
  aim: "Bestimmt werden sollen die Schallgeschwindigkeit in Luft und wie weit der Schall über das Rohr hinausreicht.",
  setUp:
    "Ein Rohr stand senkrecht im Wasser. Eine Stimmgabel wurde angeschlagen und über die Öffnung gehalten; das Rohr wurde angehoben, bis der Ton zum ersten Mal am lautesten war. Die Länge der Luftsäule wurde für jede Stimmgabel dreimal abgelesen.",
  law: "In das Rohr und ein wenig darüber hinaus passt eine Viertelwelle: [=L + e = v/(4 f)]. Die Länge gegen den Kehrwert der Frequenz ergibt also eine Gerade der Steigung [=v/4], deren Achsenabschnitt das Negative der Mündungskorrektur ist.",
  found:
    "Aus [figure:main] folgen die Schallgeschwindigkeit [result:sound] und die Mündungskorrektur [result:correction]. Eine Gerade durch den Ursprung hätte die Mündungskorrektur verdeckt und den Schall zu langsam gemacht.",
  doubts:
    "Wo der Ton am lautesten ist, lässt sich nur auf einige Millimeter sagen; die Stimmgabeln sind weit genauer.",
  frequency: "Frequenz",
  length: "Länge der Luftsäule",
  reciprocal: "Kehrwert der Frequenz",
  caption:
    "Länge der Luftsäule gegen den Kehrwert der Frequenz mit Ausgleichsgerade, steilster und flachster Gerade; die Fehlerbalken von 1/f sind zu klein, um sichtbar zu sein.",
  sound: "Schallgeschwindigkeit",
  correction: "Mündungskorrektur",
  table: "Tabelle, Luft bei 21 °C",
  radius: "0,6 des Rohrradius",
} satisfies Translation<typeof english>;
