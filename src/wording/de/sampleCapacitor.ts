import type { Translation } from "../language/texts";
import type { sampleCapacitor as english } from "../en/sampleCapacitor";

export const sampleCapacitor = {
  title: "Entladung eines Kondensators",
  aim: "Aus dem Verlauf der Entladung soll die Kapazität eines Kondensators bestimmt werden.",
  setUp:
    "Der Kondensator wurde auf etwa 9 V geladen und über einen Widerstand von [constant:resistor] entladen. Die Spannung wurde alle fünf Sekunden aufgezeichnet; die Messwerte vor dem Öffnen des Schalters sind beiseitegelegt.",
  law: "Die Spannung fällt nach [=U = U_0*exp(-t/(R*C))]; ihr Logarithmus gegen die Zeit ergibt also eine Gerade.",
  found:
    "Die Gerade in [figure:main] ergibt [result:capacitance], die Exponentialfunktion in [figure:curve] ergibt [result:fitted]. Beide stimmen im Rahmen ihrer ± überein.",
  doubts: "Späte Messwerte sind klein; ihre Logarithmen streuen deshalb stärker als die zu Beginn.",
  leadIn: "Vorlauf, vor dem Öffnen des Schalters",
  time: "Zeit",
  voltage: "Spannung",
  logarithm: "Logarithmus der Spannung",
  resistor: "Widerstand",
  caption:
    "Logarithmus der Spannung am Kondensator gegen die Zeit; Messwerte vor dem Öffnen des Schalters sind hohl gezeichnet, die Fehlerbalken von t zu klein, um sichtbar zu sein.",
  curveCaption:
    "Spannung am Kondensator gegen die Zeit mit angepasster Exponentialfunktion; die Fehlerbalken von t sind zu klein, um sichtbar zu sein.",
  fromLine: "Kapazität aus der Geraden",
  fromCurve: "Kapazität aus der Kurve",
  printed: "Aufdruck auf dem Gehäuse",
} satisfies Translation<typeof english>;
