import type { Translation } from "../language/texts";
import type { sampleWires as english } from "../en/sampleWires";

export const sampleWires = {
  title: "Zwei Konstantandrähte",
  aim: "Aus zwei verschieden dicken Drähten soll der spezifische Widerstand von Konstantan bestimmt werden.",
  setUp:
    "Jeder Draht wurde entlang eines Maßstabs gespannt. Durch eine abgemessene Länge floss ein Strom von etwa 0,4 A; die Spannung an dieser Länge wurde abgelesen.",
  law: "Der Widerstand eines Drahtes ist [=R = rho*l/A] mit [=A = π*d^2/4]; der Widerstand gegen die Länge ergibt also eine Ursprungsgerade.",
  found:
    "Die Geraden in [figure:main] sind verschieden steil, doch beide Drähte ergeben im Rahmen des ± denselben spezifischen Widerstand: [result:thin] und [result:thick]. Zusammen ergeben sie [result:both].",
  doubts: "Die Durchmesser gehen quadratisch ein und tragen am meisten zur Messunsicherheit bei.",
  length: "Länge",
  current: "Stromstärke",
  voltage: "Spannung",
  resistance: "Widerstand",
  thin: "dünner Draht",
  thick: "dicker Draht",
  ofThin: "spezifischer Widerstand aus dem dünnen Draht",
  ofThick: "spezifischer Widerstand aus dem dicken Draht",
  ofBoth: "spezifischer Widerstand von Konstantan",
  alloys: "Tabelle der Legierungen",
  thinDiameter: "Durchmesser des dünnen Drahtes",
  thickDiameter: "Durchmesser des dicken Drahtes",
  caption:
    "Widerstand der beiden Drähte gegen die gemessene Länge, je mit Ausgleichsgerade und Grenzgeraden; die Fehlerbalken von l sind zu klein, um sichtbar zu sein.",
} satisfies Translation<typeof english>;
