import type { Translation } from "../language/texts";
import type { reportFindings as english } from "../en/reportFindings";

export const reportFindings = {
  reportSentences: {
    "example-missing":
      "{of} ist berechnet und hat keine Beispielrechnung. Eine einsetzen oder sagen, warum keine nötig ist.",
    "figure-never-referred":
      "Kein Text spricht von Abbildung {figure}. Auf sie verweisen, wo ihre Messwerte besprochen werden.",
    "number-unlike-result":
      "„{text}“ ist nicht, was das Ergebnis von {of} sagt. Stattdessen den lebenden Wert einsetzen.",
    "dead-number":
      "„{text}“ ist eingetippt, aber es ist: {of}. Den lebenden Wert einsetzen, damit er mitgeht, wenn ein Messwert berichtigt wird.",
    "prompt-left": "Was unter dieser Überschrift verlangt ist, fehlt noch.",
    "aside-without-reason":
      "{rows, plural, one {Ein Messwert liegt ohne Begründung beiseite.} other {Messwerte in # Zeilen liegen ohne Begründung beiseite.}} Bei „Messen“ eine angeben.",
    "fewer-than-asked": "Der Versuch verlangt {wanted} Zeilen; bisher sind es {count}.",
    "short-of-asked": {
      from: "Der Versuch verlangt Messwerte ab {from}; diese reichen nicht so weit.",
      to: "Der Versuch verlangt Messwerte bis {to}; diese reichen nicht so weit.",
      between: "Der Versuch verlangt Messwerte von {from} bis {to}; diese reichen nicht so weit.",
    },
  },
} satisfies Translation<typeof english>;
