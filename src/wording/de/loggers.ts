import type { Translation } from "../language/texts";
import type { loggers as english } from "../en/loggers";

export const loggers = {
  loggerWords: {
    open: "Datei einlesen",
    title: "Aufzeichnung einlesen",
    kinds: "CSV, TSV oder Text eines Datenloggers, bis 500 MB, oder Ton als WAV.",
    found: "{name}: {columns, plural, one {# Zahlenspalte} other {# Zahlenspalten}}.",
    most: "Höchstens vier werden Kanäle einer Aufzeichnung.",
    time: "Die Zeiten stehen unter „{heading}“.",
    timeUnnamed: "Die Zeiten stehen in der ersten Spalte mit gleichmäßigen Zahlen.",
    noTimes: "Sie hat keine Zeiten: bitte angeben, wie oft gemessen wurde.",
    rate: "Messwerte je Sekunde",
    choose: "{name} nehmen",
    symbol: "Formelzeichen",
    unit: "Einheit",
    name: "Name",
    bringIn: "Einlesen",
    other: "Andere Datei",
    reading: "{name} wird gelesen…",
    sending: "{name} wird zum Server gebracht…",
    giveUp: "Abbrechen",
    done: "{count, plural, one {Eine Aufzeichnung ist eingelesen.} other {{count} Aufzeichnungen sind eingelesen, eine nach der anderen.}}",
  },
  loggerProblems: {
    withoutTime:
      "{count, plural, one {# Zeile ohne Zeit ist weggelassen.} other {# Zeilen ohne Zeit sind weggelassen.}}",
    tooLarge: "{name} ist größer als 500 MB. Einen kürzeren Teil davon nehmen.",
    noReadings: "In {name} finden sich keine Zahlenspalten.",
    clockBack:
      "Die Uhr läuft rückwärts: Jeder Teil bis dahin ist eine eigene Aufzeichnung, {count} insgesamt.",
    uneven:
      "{count, plural, one {Ein Teil davon wurde nicht in gleichen Abständen gemessen und kann keine Aufzeichnung sein.} other {# Teile davon wurden nicht in gleichen Abständen gemessen und können keine Aufzeichnung sein.}} Unter „Messwerte“ als Tabelle einlesen.",
    unreadable:
      "{count, plural, one {# Zelle enthält keine Zahl} other {# Zellen enthalten keine Zahl}}: dort ist eine Lücke.",
    full: "Die Datei geht weiter, wo die Aufzeichnung voll ist: Ihr Ende ist weggelassen.",
    away: "Der Server antwortet nicht, deshalb wurde nichts eingelesen. Gleich noch einmal versuchen.",
    tooMany: "Diese Auswertung fasst keine weiteren Aufzeichnungen. Zuerst eine entfernen.",
    sound: {
      "not-wav": "{name} ist keine Tondatei vom Typ WAV.",
      "cut-off": "{name} ist abgeschnitten: Die Messwerte fehlen.",
      packed:
        "{name} ist auf eine Weise gepackt, die hier nicht lesbar ist. Als einfaches WAV speichern.",
      "no-readings": "{name} enthält keine Messwerte.",
      "too-many-channels": "{name} hat mehr als vier Kanäle.",
      "too-long":
        "{name} ist länger als zehn Millionen Messwerte. Einen kürzeren Teil davon nehmen.",
    },
  },
} satisfies Translation<typeof english>;
