import type { Translation } from "../language/texts";
import type { sampleCistern as english } from "../en/sampleCistern";

export const sampleCistern = {
  title: "Ausfluss aus einem Behälter",
  aim: "Bestimmt werden soll, um wie viel weniger Wasser aus einem runden Loch fließt, als die Fallgeschwindigkeit erwarten lässt.",
  setUp:
    "Wasser floss aus einem Behälter durch ein Loch von [constant:hole] nahe am Boden. Der Wasserstand wurde durch Nachfüllen gehalten; die Zeit für [constant:volume] wurde bei jedem Wasserstand dreimal gestoppt.",
  law: "Das Wasser sollte mit [=v = √(2 g h)] austreten; über das ganze Loch gemittelt findet sich davon der Anteil [=c_d]. Also liegt [=v^2] gegen [=h] auf einer Geraden der Steigung [=2*g*c_d^2].",
  found:
    "Die Steigung in [figure:main] beträgt [slope:main]; die Ausflusszahl ist also [result:coefficient]. Der Strahl schnürt sich hinter dem Loch ein, was eine Zahl unter eins erklärt.",
  doubts:
    "Der Durchmesser ist allen Punkten gemeinsam: Sein ± kippt die Gerade als Ganzes und steckt in keinem Fehlerbalken, wohl aber im Ergebnis.",
  volume: "aufgefangenes Volumen",
  hole: "Durchmesser des Lochs",
  drill: "Bohrer, mit dem Messschieber geprüft",
  fall: "Fallbeschleunigung",
  table: "Tabelle",
  head: "Wasserstand über dem Loch",
  time: "Zeit für einen halben Liter",
  speed: "mittlere Geschwindigkeit im Loch",
  squared: "Quadrat der Geschwindigkeit",
  caption:
    "Quadrat der Geschwindigkeit im Loch gegen den Wasserstand mit Ausgleichsgerade, steilster und flachster Gerade; die Fehlerbalken von h sind zu klein, um sichtbar zu sein.",
  coefficient: "Ausflusszahl des Lochs",
  accepted: "Tabelle, scharfkantiges rundes Loch",
} satisfies Translation<typeof english>;
