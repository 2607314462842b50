import type { Translation } from "../language/texts";
import type { sampleCross as english } from "../en/sampleCross";

export const sampleCross = {
  title: "Das verschwindende Kreuz",
  aim: "Für eine Reaktion, die eine Lösung trübt, soll die Aktivierungsenergie bestimmt werden.",
  setUp:
    "Ein Becherglas stand auf einem Kreuz auf Papier. Thiosulfatlösung und verdünnte Säure wurden auf dieselbe Temperatur gebracht und zusammengegossen. Gestoppt wurde die Zeit, bis das Kreuz nicht mehr zu sehen war, zweimal bei jeder Temperatur.",
  law: "Der Kehrwert dieser Zeit steht für die Reaktionsgeschwindigkeit: [=1/t = A*exp(-E_a/(R*T))]. Also liegt [=ln(1/t)] gegen [=1/T] auf einer Geraden der Steigung [=-E_a/R].",
  found: "Die Steigung in [figure:main] ergibt die Aktivierungsenergie [result:energy].",
  doubts:
    "Wann das Kreuz verschwunden ist, bleibt Ermessenssache; urteilen sollten jedes Mal dieselben Augen.",
  celsius: "Temperatur",
  time: "Zeit bis zum Verschwinden des Kreuzes",
  kelvin: "Temperatur",
  reciprocal: "Kehrwert der Temperatur",
  logarithm: "Logarithmus der Reaktionsgeschwindigkeit",
  caption:
    "Logarithmus der Reaktionsgeschwindigkeit gegen den Kehrwert der Temperatur mit Ausgleichsgerade, steilster und flachster Gerade; die Fehlerbalken zeigen das ±.",
  energy: "Aktivierungsenergie",
  accepted: "Mittelwert der Klasse vom Vorjahr",
} satisfies Translation<typeof english>;
