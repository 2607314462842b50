import type { Translation } from "../language/texts";
import type { sampleBriefs as english } from "../en/sampleBriefs";

export const sampleBriefs = {
  aim: "Was soll herausgefunden werden, und mit welcher Geraden?",
  method:
    "Was wurde benutzt und wie wurde vorgegangen, sodass ein anderer Tisch dasselbe tun könnte?",
  discussion:
    "Wie verhalten sich Ergebnis und Literaturwert zueinander, im Rahmen ihrer ±? Was begrenzt das ± am meisten?",
  references: "Woher stammen Werte, die nicht gemessen wurden?",
  criteria: {
    readings: "Genügend Messwerte, wiederholt, mit passendem ±",
    straight: "Das richtige Paar linearisiert und begründet",
    figure: "Diagramm druckreif: Achsen, Fehlerbalken, steilste und flachste Gerade",
    result: "Ergebnis mit ±, sinnvollen Stellen und Einheit",
    discussion: "Mit dem Literaturwert verglichen; was das ± begrenzt",
  },
  clampedRule: {
    introduction:
      "Ein einseitig eingespanntes Stahllineal schwingt umso schneller, je kürzer das freie Stück ist. Aus der Abhängigkeit der Schwingungsdauer von der freien Länge ist der Elastizitätsmodul des Stahls zu bestimmen.",
    measure:
      "Zehn Schwingungen stoppen und ab dem tiefsten Punkt zählen. Jede freie Länge zweimal ab der Kante der Einspannung messen.",
    straighten:
      "Welche Potenzen von L und T liegen auf einer Geraden? Erst begründen, dann wählen.",
    conclude: "E in Gigapascal angeben.",
  },
  resonatingTube: {
    introduction:
      "Ein Rohr über Wasser klingt für jede Frequenz bei einer bestimmten Länge am lautesten. Zu bestimmen sind die Schallgeschwindigkeit und um wie viel das Rohr länger ist, als es aussieht.",
    measure: "Über die lauteste Stelle hinausgehen und von der anderen Seite zu ihr zurückkehren.",
    slope:
      "Darauf achten, wo die Gerade die Achse schneidet: Es ist nicht der Ursprung, und das ist kein Fehler.",
  },
  constantanWires: {
    introduction:
      "Zwei Drähte aus derselben Legierung sind verschieden dick. Aus beiden ist der spezifische Widerstand von Konstantan zu bestimmen.",
    measure: "Die Stromstärke klein halten: Ein warmer Draht ist ein anderer Draht.",
  },
  dischargingCapacitor: {
    introduction:
      "Ein Kondensator wird über einen bekannten Widerstand entladen. Aus dem Abfall der Spannung ist seine Kapazität zu bestimmen.",
    measure: "Die Spannung zu einer festen Zeit ablesen, nicht die Zeit bei einer festen Spannung.",
    straighten: "Kleine Spannungen haben im Logarithmus ein großes ±: auf die Fehlerbalken achten.",
  },
  fadingCross: {
    introduction:
      "Das Kreuz unter dem Becherglas verschwindet, während sich die Lösung trübt, in der Wärme früher. Zu bestimmen ist die Aktivierungsenergie.",
    measure:
      "Dieselben Augen beurteilen das Kreuz jedes Mal. Schutzbrille auf; das Fenster bleibt offen.",
    derive: "Temperaturen gehen in Kelvin in die Formel ein.",
  },
  bariumHydroxide: {
    introduction:
      "Säure läuft in Bariumhydroxidlösung, während der Leitwert abgelesen wird. Aus dem Schnittpunkt zweier Geraden ist die Konzentration zu bestimmen.",
    measure: "Nach jeder Zugabe warten, bis die Anzeige steht. Schutzbrille auf.",
    slope: "Die Punkte nahe am Knick weglassen: Sie gehören zu keiner der Geraden.",
  },
  leakingCistern: {
    introduction:
      "Wasser läuft aus einem Loch in einem Behälter. Zu bestimmen ist, um wie viel langsamer es ist als fallendes Wasser.",
    measure: "Den Wasserstand zur Ruhe kommen lassen, bevor die Stoppuhr gestartet wird.",
  },
} satisfies Translation<typeof english>;
