import type { Translation } from "../language/texts";
import type { filing as english } from "../en/filing";

export const filing = {
  encodingNames: {
    "utf-8": "UTF-8",
    "utf-16le": "UTF-16, kleines Ende zuerst",
    "utf-16be": "UTF-16, großes Ende zuerst",
    "windows-1252": "Westlich (Windows-1252)",
  },
  delimiterNames: {
    "\t": "Tabulatoren",
    ";": "Strichpunkte",
    ",": "Kommas",
    "|": "senkrechte Striche",
    " ": "Leerzeichen",
  },
  fileRefusals: {
    tooLarge:
      "{name} hat {size} MB; bis {most} MB lassen sich hier lesen. Den nötigen Teil als eigene Datei speichern.",
    empty: "{name} ist leer. Eine andere Datei wählen.",
    binary:
      "{name} ist kein Text, was immer der Name sagt. Die Tabelle im erzeugenden Programm als CSV oder XLSX speichern.",
    unreadable:
      "{name} ist nicht als Arbeitsmappe lesbar. Vielleicht ist sie beschädigt, mit einem Passwort geschützt oder vom alten Typ .xls: als .xlsx oder CSV neu speichern.",
    unfetched:
      "Was Arbeitsmappen liest, ließ sich nicht laden, deshalb wurde {name} nicht geöffnet. Verbinden und noch einmal wählen, oder die Zellen einfügen.",
    swollen:
      "{name} enthält entpackt weit mehr als eine Messwerttabelle und wurde deshalb nicht geöffnet. Das nötige Blatt als eigene Arbeitsmappe oder als CSV speichern.",
    investigation:
      "{name} enthält eine ganze Auswertung. Sie wird im Regal eingelesen und dort zu einer eigenen.",
    noSheet: "{name} hat kein Blatt mit Zellen.",
    noRange: "Den Abschnitt so schreiben: B3:D20, also erste Zelle, Doppelpunkt, letzte Zelle.",
  },
  thinningWords: {
    every: "Nur jede {each}. Zeile",
    means: "Mittelwerte über je {each} Zeilen, ihre Streuung als ±",
    said: {
      every: "Jede {each}. Zeile der Datei.",
      means:
        "Jede Zeile ist der Mittelwert über {each} Zeilen der Datei, mit ihrer Streuung als ±.",
    },
  },
  previewWords: {
    name: "Name",
    symbol: "Formelzeichen",
    unit: "Einheit",
    sizeOf: "das ± von {symbol}",
    repeats: "{count} Wiederholungen",
    noSeries: "keine Messreihe",
  },
  incoming: {
    empty:
      "Darin stehen keine Messwerte. Andere Überschriftenzeilen wählen oder einen anderen Abschnitt.",
    "too-many-rows":
      "Es sind {rows, plural, one {# Zeile} other {# Zeilen}}; Platz ist noch für {most, plural, one {# Zeile} other {# Zeilen}}. Einen kürzeren Abschnitt oder weniger Zeilen nehmen:",
    "too-many-columns":
      "Es sind {columns, plural, one {# Spalte} other {# Spalten}}; eine Auswertung fasst höchstens {most}. Einen schmaleren Abschnitt nehmen.",
    "too-long":
      "Zeile {row} enthält einen Text, der für einen Messwert zu lang ist. Ein anderes Trennzeichen wählen oder ihn in der Datei kürzen.",
  },
  willBe: {
    table:
      "{rows, plural, one {# Zeile} other {# Zeilen}} mit {quantities, plural, one {# Größe} other {# Größen}}.",
    series: "{count} Messreihen.",
    own: "Sie wurde hier ausgegeben: Einheiten, ± und alles Übrige kommen mit zurück.",
  },
  notes: {
    merged:
      "{count, plural, one {# verbundene Zelle blieb leer} other {# verbundene Zellen blieben leer}}; der Text steht jeweils in der ersten Zelle.",
    formulas:
      "{count, plural, one {# Formel kommt als die Zahl, die sie zuletzt ergab.} other {# Formeln kommen als die Zahlen, die sie zuletzt ergaben.}}",
    errors:
      "{count, plural, one {# Zelle enthält einen Fehler des Blatts und kommt als dieser Text} other {# Zellen enthalten einen Fehler des Blatts und kommen als dieser Text}}; im Blatt beheben oder den Messwert hier eintippen.",
    cutOff: "Das Blatt ist größer als eine Auswertung; was darüber hinausgeht, blieb in der Datei.",
  },
  investigation: {
    "no-json":
      "{name} ist keine Auswertung. Eine hier ausgegebene .json-Datei wählen; Tabellen werden bei „Messen“ eingelesen.",
    "other-json":
      "{name} enthält etwas anderes als eine Auswertung. Eine hier ausgegebene .json-Datei wählen.",
    "too-new": "{name} stammt von einer neueren Version. Zuerst diese hier aktualisieren.",
    malformed: "{name} ist nicht lesbar: {reason}. Dort, wo sie herkommt, noch einmal ausgeben.",
  },
} satisfies Translation<typeof english>;
