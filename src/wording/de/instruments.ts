import type { Translation } from "../language/texts";
import type { instruments as english } from "../en/instruments";

export const instruments = {
  instrumentWords: {
    title: "Messgerät am Tisch",
    none: "Dieser Server liest keine Messgeräte. In seinen Einstellungen lassen sich welche nennen, und Dateien von Datenloggern lassen sich einlesen.",
    away: "Die Messgeräte lassen sich gerade nicht fragen.",
    choose: "Messgerät",
    chooseOne: "Messgerät wählen",
    inUse: "an einem anderen Tisch in Gebrauch",
    simulated: "simuliert",
    rate: "Messwerte je Sekunde",
    record: "Aufzeichnen",
    again: "Noch einmal aufzeichnen",
    stop: "Anhalten",
    zero: "Nullen",
    zeroed: "Ab hier zeigt es 0.",
    release: "Freigeben",
    between: "von {least} bis {greatest}",
    perSecond: "{rate} Messwerte je Sekunde",
    every: "eine Zählung alle {step} s",
    oneEvery: "ein Messwert alle {step} s",
    events: "Zeitpunkte von Ereignissen",
    steps: "Schritte von {step}",
    phase: {
      waiting: "Warten auf das Messgerät…",
      recording: "Aufzeichnung, {time} s",
      broken: "Die Verbindung ist abgerissen. Was ankam, bleibt erhalten; es wird weiter versucht.",
      ended: "Beendet",
    },
    rubbish:
      "{count, plural, one {# Antwort des Messgeräts war nicht lesbar und fehlt.} other {# Antworten des Messgeräts waren nicht lesbar und fehlen.}}",
    kept: {
      sending: "Auf diesem Gerät und auf dem Server gesichert",
      kept: "Alles ist auf dem Server",
      away: "Auf diesem Gerät gesichert; der Server antwortet nicht. Es wird weiter versucht.",
      gone: "Der Server nimmt von dieser Aufzeichnung nichts mehr an. Was ankam, liegt auf diesem Gerät.",
    },
    why: {
      stopped: "",
      "line-lost":
        "Die Verbindung zum Messgerät kam nicht wieder. Was bis dahin ankam, bleibt erhalten.",
      "begun-anew":
        "Jemand anderes hat das Messgerät neu gestartet. Was bis dahin ankam, bleibt erhalten.",
      rubbish: "Das Messgerät sendet Unlesbares. Was bis dahin ankam, bleibt erhalten.",
      "in-use":
        "Ein anderer Tisch hat dieses Messgerät. Sobald es frei ist, kommt es hierher; oder ein anderes nehmen.",
      "not-there":
        "Das Messgerät antwortet nicht. Nachsehen, ob es eingeschaltet und angeschlossen ist.",
    },
    refused: "Das Messgerät lehnt das ab: {said}.",
    unfinished: "An einem anderen Bildschirm wird aufgezeichnet, oder die Aufzeichnung brach ab.",
    look: "Noch einmal nachsehen",
    close: "Hier beenden",
  },
  serialWords: {
    title: "Ein Mikrocontroller",
    text: "Einer, der für jeden Messwert eine Zeile mit Zahlen ausgibt, über USB oder eine serielle Leitung.",
    speed: "Baudrate",
    record: "Seine Zeilen aufzeichnen",
    instrument: "serielle Leitung",
    channel: "Zahl",
    none: "Es wurde kein serieller Anschluss gewählt, oder er ist anderswo in Gebrauch.",
  },
  presentWords: {
    title: "Wert übernehmen",
    text: "Der augenblickliche Wert des Messgeräts kommt mit seinem ± in die ausgewählte Zelle.",
    choose: "Messgerät",
    none: "von Hand",
    take: "Wert übernehmen",
    key: "Alt+Enter",
    unlike: "Nichts davon hat die Einheit von {symbol} ({instrument}).",
    lost: "Gerade kam kein Wert. Noch einmal versuchen.",
    closed: "Diese Spalte ist berechnet: einen Wert in einer gemessenen übernehmen.",
  },
} satisfies Translation<typeof english>;
