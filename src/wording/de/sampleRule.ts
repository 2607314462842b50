import type { Translation } from "../language/texts";
import type { sampleRule as english } from "../en/sampleRule";

export const sampleRule = {
  title: "Elastizität eines eingespannten Lineals",
  aim: "Aus der Zeit, in der ein Stahllineal mit einer Last am freien Ende schwingt, soll der Elastizitätsmodul [=E] des Stahls bestimmt werden.",
  setUp:
    "Ein Stahllineal wurde flach an der Tischkante eingespannt. Am freien Ende wurde eine Last festgeklebt, deren Mitte um die Länge [=L] von der Einspannung entfernt war.",
  timed:
    "Die Last wurde um etwa eine Fingerbreite nach unten gedrückt und losgelassen. Die Dauer von zehn Schwingungen wurde von Hand gestoppt, dreimal bei jeder freien Länge, gezählt ab dem tiefsten Punkt.",
  law: "Für kleine Schwingungen gilt [=T = 2π√(4 m L³/(E b d³))] mit der Last [constant:load], der Breite [constant:width] und der Dicke [constant:thickness] des Lineals. Also liegt [=T^2] gegen [=L^3] auf einer Geraden, in deren Steigung der Elastizitätsmodul steckt.",
  shows:
    "[figure:main] zeigt das Quadrat der Schwingungsdauer gegen die dritte Potenz der freien Länge.",
  found:
    "Die Steigung in [figure:main] beträgt [slope:main]. Daraus folgt für den Stahl der Elastizitätsmodul [result:stiffness].",
  doubts:
    "Die Dicke geht mit der dritten Potenz ein und trägt am meisten zur Messunsicherheit bei: Sie sollte an mehr Stellen gemessen werden. Die Zeiten streuen um etwa eine Zehntelsekunde, wie es beim Stoppen von Hand zu erwarten ist.",
  source: "Datenblatt für Federstahl aus der Physiksammlung.",
  overhang: "freie Länge",
  time: "Zeit für zehn Schwingungen",
  period: "Schwingungsdauer",
  cubed: "dritte Potenz der freien Länge",
  squared: "Quadrat der Schwingungsdauer",
  load: "Last",
  width: "Breite des Lineals",
  thickness: "Dicke des Lineals",
  caption:
    "Quadrat der Schwingungsdauer gegen die dritte Potenz der freien Länge des eingespannten Lineals mit Ausgleichsgerade, steilster und flachster Gerade; die Fehlerbalken zeigen das ±.",
  stiffness: "Elastizitätsmodul des Stahls",
  accepted: "Datenblatt für Federstahl",
} satisfies Translation<typeof english>;
