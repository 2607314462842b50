import type { Translation } from "../language/texts";
import type { lines as english } from "../en/lines";

export const lines = {
  weightWords: { none: "keine: jeder Punkt gleich", y: "die senkrechten", xy: "beide" },
  heldWords: {
    free: "an nichts",
    zero: "am Nullpunkt",
    intercept: "an einem festen Achsenabschnitt",
    slope: "an einer festen Steigung",
    point: "an einem gewählten Punkt",
  },
  rangeSentences: {
    "every-box": "Die steilste und die flachste Gerade treffen noch jedes Fehlerrechteck.",
    "end-boxes":
      "Die steilste und die flachste Gerade gehen durch gegenüberliegende Ecken der äußersten Fehlerrechtecke.",
    "by-hand": "Die steilste und die flachste Gerade sind von Hand gelegt, als Lineale.",
    statistics:
      "Zwischen der steilsten und der flachsten Geraden liegt die wahre Steigung mit 95 % Vertrauen (Student-t).",
  },
  edgeRoleWords: {
    none: "nichts: nur zum Ansehen",
    best: "die Ausgleichsgerade, nach Augenmaß",
    steepest: "die steilste Gerade",
    shallowest: "die flachste Gerade",
  },
  bandWords: {
    none: "keines",
    confidence: "der Geraden (Vertrauensband)",
    prediction: "eines neuen Messwerts (Vorhersageband)",
    both: "beide",
  },
  reachWords: { paper: "über das ganze Blatt", data: "entlang der Messwerte" },
  lineTicks: {
    relative: "die ± zählen nur als relative Gewichte",
    compare: "auch die Gerade mit gleichen Gewichten",
  },
  found: {
    alike: "Kleinste Quadrate, jeder Punkt zählt gleich.",
    weighted:
      "{weighting, select, y {Kleinste Quadrate, gewichtet mit den senkrechten Balken} other {Kleinste Quadrate, gewichtet mit den Balken beider Richtungen}}{limit, select, yes {, jede Grenze als Rechteckverteilung genommen (σ = Δ/√3)} other {}}{relative, select, yes {; die ± zählen nur als relative Gewichte, die Standardfehler kommen also aus der Streuung} other {; die ± zählen, wie sie sind, nicht nur als relative Gewichte}}.",
  },
  stated: {
    nothing: {
      alone: "Nichts sagt hier, wie sicher sie ist.",
      constants:
        "Nichts sagt hier, wie sicher sie ist; dazu kommt, was das ± von Konstanten der ganzen Geraden bringt.",
    },
    error: {
      alone: "± ist der Standardfehler der Anpassung.",
      constants:
        "± ist der Standardfehler der Anpassung, zusammen mit dem, was das ± von Konstanten der ganzen Geraden bringt.",
    },
    "error-instead": {
      alone: "± ist der Standardfehler der Anpassung, denn es gibt keine Grenzgeraden.",
      constants:
        "± ist der Standardfehler der Anpassung, denn es gibt keine Grenzgeraden, zusammen mit dem, was das ± von Konstanten der ganzen Geraden bringt.",
    },
    half: {
      alone: "± ist die halbe Spanne der Grenzgeraden.",
      constants:
        "± ist die halbe Spanne der Grenzgeraden, zusammen mit dem, was das ± von Konstanten der ganzen Geraden bringt.",
    },
    confidence: {
      alone:
        "± ist die halbe Breite des Bereichs, der die wahre Steigung mit 95 % Vertrauen enthält.",
      constants:
        "± ist die halbe Breite des Bereichs, der die wahre Steigung mit 95 % Vertrauen enthält, zusammen mit dem, was das ± von Konstanten der ganzen Geraden bringt.",
    },
  },
  readOff: {
    range:
      "± ist die Hälfte dessen, was alle erlaubten Geraden offenlassen, mit dem ± der eingetippten Stelle und der Konstanten.",
    error:
      "± ist eine Standardunsicherheit, aus Steigung und Achsenabschnitt zusammen, mit dem ± der eingetippten Stelle und der Konstanten.",
  },
  outsideRange: {
    unnamed:
      "Die Ausgleichsgerade liegt außerhalb ihrer eigenen Grenzgeraden, denn sie verfehlt Fehlerrechtecke: Das ± sagt, wie weit sich die erlaubten Geraden drehen können, und sie ist keine davon. Diese Messwerte und ihre ± ansehen.",
    named:
      "{count, plural, one {Die Ausgleichsgerade liegt außerhalb ihrer eigenen Grenzgeraden, denn sie verfehlt ein Fehlerrechteck ({rows}):} other {Die Ausgleichsgerade liegt außerhalb ihrer eigenen Grenzgeraden, denn sie verfehlt Fehlerrechtecke ({rows}):}} das ± sagt, wie weit sich die erlaubten Geraden drehen können, und sie ist keine davon. Diese Messwerte und ihre ± ansehen.",
  },
  crossNearZero:
    "Steilste und flachste Gerade schneiden sich nahe bei null, deshalb liegen ihre Achsenabschnitte dicht beieinander; das ± des Achsenabschnitts geht über alle erlaubten Geraden.",
  noRange:
    "Keine Gerade trifft jedes Fehlerrechteck. Alle Balken müssten {times}-mal so lang sein. Diese Messwerte und ihre ± ansehen, oder einen mit Begründung beiseitelegen:",
  intercept: {
    held: "Die Gerade wurde dort festgehalten, die Messwerte haben dabei nichts zu sagen.",
    unknown: "Nichts sagt hier, wie sicher er ist, also folgt nichts über die Null.",
    within: {
      expected: "Sein Bereich enthält die Null: Die Messwerte stimmen mit der Theorie überein.",
      free: "Sein Bereich enthält die Null: Die Messwerte erlauben eine Ursprungsgerade.",
    },
    beyond: {
      expected:
        "Sein Bereich enthält die Null nicht, gegen die Theorie: nach einer systematischen Abweichung suchen, etwa einem Nullpunktfehler, der jeden Messwert gleich verschiebt.",
      free: "Sein Bereich enthält die Null nicht. Wo null erwartet war, nach einer systematischen Abweichung suchen, etwa einem Nullpunktfehler.",
    },
  },
  missed: {
    none: "Es trifft jedes Fehlerrechteck.",
    some: "{count, plural, one {Es verfehlt das Rechteck von Zeile {rows}.} other {Es verfehlt die Rechtecke der Zeilen {rows}.}}",
    more: "Es verfehlt die Rechtecke der Zeilen {rows} und {more} weitere.",
  },
  triangle: {
    small: "Das Dreieck ist klein: über mehr als die Hälfte der Messwerte zeichnen.",
    onReading: "Eine Ecke liegt auf einem Messwert. Punkte der Geraden nehmen, keine Messwerte.",
    onLine: "Beide Ecken liegen auf der Geraden, nicht auf Messwerten.",
  },
  pattern: {
    none: "Kein Messwert wechselt die Seite der Geraden.",
    often: "Die Messwerte wechseln {times}-mal die Seite, wie es Streuung tut.",
    curve:
      "Von links nach rechts liegen sie so zur Geraden: {pattern}. Das sieht nach einer Kurve aus.",
    scatter: "Von links nach rechts liegen sie so zur Geraden: {pattern}; auch Streuung tut das.",
  },
  sides: { above: "darüber", below: "darunter" },
} satisfies Translation<typeof english>;
