import type { Translation } from "../language/texts";
import type { keys as english } from "../en/keys";

export const keys = {
  groups: {
    everywhere: {
      title: "Überall",
      keys: {
        k1: { keys: "Alt+1 … Alt+7", does: "zu einer Stufe" },
        k2: { keys: "Alt+0", does: "die Messwerte hervorholen oder wegräumen" },
        k3: {
          keys: "Alt+P, Alt+N",
          does: "beim Lesen als Lehrkraft: voriger Tisch, nächster Tisch",
        },
        k4: { keys: "Strg+Z", does: "den eigenen letzten Schritt zurücknehmen" },
        k5: { keys: "Strg+Umschalt+Z", does: "ihn wiederholen" },
        k6: { keys: "F1", does: "diese Liste" },
        k7: { keys: "F6", does: "zum Rand des Ausgewählten und an dieselbe Stelle zurück" },
        k8: { keys: "Umschalt+F10, Menütaste", does: "was sich mit dem Ausgewählten machen lässt" },
        k9: { keys: "Esc", does: "vom Rand zurück zur Seite; Offenes schließen" },
      },
    },
    readings: {
      title: "Messen: die Messwerte",
      keys: {
        k1: { keys: "Enter, Umschalt+Enter", does: "nach unten, nach oben" },
        k2: { keys: "Tab, Umschalt+Tab", does: "zur nächsten, zur vorigen Zelle" },
        k3: { keys: "Pfeiltasten", does: "von Zelle zu Zelle; mit Umschalt ein Bereich" },
        k4: { keys: "F2", does: "im Text einer Zelle bearbeiten" },
        k5: { keys: "Esc", does: "lassen, wie es war" },
        k6: { keys: "Pos1, Ende", does: "erste, letzte Spalte; mit Strg erste, letzte Zelle" },
        k7: { keys: "Bild auf, Bild ab", does: "fünfzehn Zeilen nach oben, nach unten" },
        k8: { keys: "Strg+A", does: "alles markieren" },
        k9: {
          keys: "Strg+C, Strg+V",
          does: "kopieren, einfügen; auch von und zu einer Tabellenkalkulation",
        },
        k10: { keys: "Entf", does: "markierte Zellen leeren" },
        k11: { keys: "Einfg", does: "eine Zeile darüber" },
        k12: { keys: "Alt+↑, Alt+↓", does: "markierte Zeilen verschieben" },
        k13: { keys: "Alt+←, Alt+→", does: "die Größe verschieben" },
        k14: { keys: "Alt+Umschalt+↓", does: "den obersten Messwert nach unten ausfüllen" },
        k15: {
          keys: "Strg+Enter",
          does: "große Eingabe: die ausgewählte Zeile in großer Schrift; Esc geht zurück",
        },
        k16: {
          keys: "Alt+Enter",
          does: "augenblicklicher Wert des gewählten Messgeräts, mit seinem ±",
        },
        k17: {
          keys: "Strg+F",
          does: "einen Messwert suchen; Enter geht weiter, Umschalt+Enter zurück",
        },
      },
    },
    recordings: {
      title: "Messen: Aufzeichnungen",
      keys: {
        k1: {
          keys: "←, →",
          does: "die ausgewählte Grenze verschieben, oder was die untere Spur zeigt",
        },
        k2: { keys: "Umschalt+←, Umschalt+→", does: "die Grenze um zehn Schritte verschieben" },
        k3: { keys: "Pos1, Ende", does: "die Grenze an den Anfang, ans Ende" },
        k4: { keys: "+, −", does: "die untere Spur näher, weiter" },
      },
    },
    derive: {
      title: "Berechnen",
      keys: {
        k1: {
          keys: "↓, ↑, Enter oder Tab",
          does: "ein vorgeschlagenes Zeichen oder eine Funktion wählen und nehmen",
        },
        k2: { keys: "Enter", does: "von einer Formel zur nächsten" },
      },
    },
    straighten: {
      title: "Linearisieren: die Tafel",
      keys: {
        k1: { keys: "Pfeiltasten, Pos1, Ende", does: "von Feld zu Feld" },
        k2: { keys: "Enter", does: "das ausgewählte Paar auftragen" },
      },
    },
    plot: {
      title: "Diagramm",
      keys: {
        k1: { keys: "← →", does: "von Messwert zu Messwert; beim Ablesen am Diagramm entlang" },
        k2: { keys: "Enter", does: "zum Messwert in seiner Tabelle" },
        k3: {
          keys: "Pfeiltasten auf einer Achse",
          does: "sie verschieben; + und − dehnen sie, Pos1 lässt sie das Blatt ausfüllen",
        },
        k4: { keys: "Pfeiltasten auf Worten", does: "sie verschieben; Entf nimmt sie weg" },
      },
    },
    slope: {
      title: "Steigung",
      keys: {
        k1: {
          keys: "Pfeiltasten auf einem Griff",
          does: "Lineal oder Dreieck bewegen; mit Umschalt weiter",
        },
      },
    },
    writeup: {
      title: "Protokoll",
      keys: {
        k1: { keys: "Strg+B, Strg+I", does: "fett, kursiv" },
        k2: { keys: "Strg+Alt+↓, Strg+Alt+↑", does: "tief-, hochstellen" },
      },
    },
  },
} satisfies Translation<typeof english>;
