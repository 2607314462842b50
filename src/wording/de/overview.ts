import type { Translation } from "../language/texts";
import type { overview as english } from "../en/overview";

export const overview = {
  agreements: {
    agree: "Sie stimmen im Rahmen ihrer ± überein: reduziertes χ² = {chi}.",
    apart:
      "Sie stimmen im Rahmen ihrer ± nicht überein: reduziertes χ² = {chi}. Einige ± sind zu klein, oder an einem Tisch stimmt etwas nicht.",
    "closer than expected":
      "Sie liegen näher beieinander, als ihre ± erwarten lassen: reduziertes χ² = {chi}. Die ± sind vielleicht zu groß.",
  },
  overviewWords: {
    views: { label: "Was davon zu sehen ist", glance: "Auf einen Blick", benches: "Tische" },
    empty: {
      title: "Noch kein Tisch",
      text: "Sobald jemand an einem Tisch sitzt, ist der Tisch hier eine Zeile mit dem, was er bisher gemessen hat.",
      doIt: "Tische bilden",
    },
    table: {
      label: "Die Tische auf einen Blick",
      bench: "Tisch",
      where: "wo sie sind",
      readings: "Messwerte",
      marks: "Notizen",
      straight: "gerade",
      slope: "Steigung",
      result: "Ergebnis",
      handed: "abgegeben",
      sortBy: "Ordnen nach: {column}",
      choose: "Tisch {number}: was zu fragen ist",
      yes: "ja",
      no: "nein",
      none: "–",
      notBegun: "nicht begonnen",
      apart: "fällt heraus",
      openMarks: "{count, plural, one {# offene Bleistiftnotiz} other {# offene Bleistiftnotizen}}",
    },
    line: {
      label:
        "{benches, plural, one {Das Ergebnis von # Tisch} other {Die Ergebnisse von # Tischen}} auf einem Zahlenstrahl",
      mean: "alle",
      accepted: "Literaturwert",
      none: "Noch hat kein Tisch ein Ergebnis. Hier erscheinen sie, sobald Tische so weit sind.",
    },
    together: {
      stillAgree: "Alle zusammen stimmen im Rahmen ihrer ± noch überein: reduziertes χ² = {chi}.",
      unsure:
        "{count, plural, one {Tisch {benches} kennt kein ± und ist nicht im Mittelwert.} other {Die Tische {benches} kennen kein ± und sind nicht im Mittelwert.}}",
      elsewhere:
        "{count, plural, one {Tisch {benches} gibt ein Ergebnis anderer Art an, das nicht auf diesem Strahl liegt.} other {Die Tische {benches} geben ein Ergebnis anderer Art an, das nicht auf diesem Strahl liegt.}}",
      title: "Alle Tische zusammen",
      mean: "{of, plural, one {Bisher hat ein Tisch ein Ergebnis mit ±.} other {Mittelwert von {of} Tischen, mit ihren ± gewichtet.}}",
      apart: "Tisch {bench} liegt um das {by}-fache seines ± von den anderen weg.",
      meets: "Der Literaturwert liegt im Bereich beider ±.",
      misses: "Der Literaturwert liegt außerhalb beider ±.",
      none: "Noch hat kein Tisch ein Ergebnis mit ±.",
    },
    ask: {
      title: "Tisch {bench}: was zu fragen ist",
      choose: "Einen Tisch in der Tabelle wählen, um zu sehen, was dort zu fragen ist.",
      apart:
        "Das Ergebnis liegt um das {by}-fache seines ± von den anderen weg: nachfragen, wie die Größen dahinter gemessen wurden.",
      nothing: "Auf dem Blatt ist keine Bleistiftnotiz offen.",
      notYet: "Aus dem Blatt ist noch nichts berechnet.",
      more: "und {count} weitere",
      read: "Das Blatt lesen",
    },
    pool: {
      doIt: "Klasse zusammenlegen",
      text: "Eine eigene Auswertung mit jedem Tisch als Messreihe.",
    },
    takeOut: {
      reportName: "Tisch {bench} {names}",
      left: "Weggelassen, weil das Blatt nicht lesbar ist: {names}.",
      open: "Ausgeben…",
      label: "Was von der Klasse ausgegeben wird",
      results: "Ergebnisse als CSV",
      marks: "Punkte als CSV",
      marksName: "{title} Punkte",
      reports: "Protokolle als PDF, in einem ZIP",
      resultsName: "{title} Ergebnisse",
      reportsName: "{title} Protokolle",
      kinds: { csv: "CSV", zip: "ZIP" },
    },
    shown: {
      title: "Wer das sieht",
      label: "Die Klasse sieht die Übersicht",
      options: { no: "nein", numbers: "ja, mit Tischnummern", names: "ja, mit Namen" },
      text: "Zu sehen ist, wo jeder Tisch ist, dazu Steigung und Ergebnis, nicht seine Bleistiftnotizen.",
    },
    projector: {
      open: "Projektor",
      title: "für den Projektor",
      names: "Namen",
      dark: "Dunkel",
      back: "Zurück",
      whole: "Ganzer Bildschirm",
      label: "Wie sie gezeigt wird",
    },
    away: "Die Verbindung ist weg: Was hier steht, kann alt sein.",
    ended: "Diese Übersicht ist nicht mehr zu sehen.",
  },
} satisfies Translation<typeof english>;
