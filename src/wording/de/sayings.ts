import type { Translation } from "../language/texts";
import type { sayings as english } from "../en/sayings";

export const sayings = {
  sayings: {
    pencilMarks: "{count, plural, one {Bleistiftnotiz} other {Bleistiftnotizen}}",
    signOut: {
      button: "Abmelden",
      title: "Noch ist nicht alles auf dem Server",
      text: "Diese Änderungen gibt es nur auf diesem Gerät. Beim Abmelden bleiben sie hier und gehen bei der nächsten Anmeldung auf diesem Gerät zum Server. Alles andere Eigene wird von diesem Gerät genommen.",
      unnamed: "{count, plural, one {# Änderung} other {# Änderungen}}",
      stay: "Angemeldet bleiben",
      leave: "Abmelden, diese hier lassen",
      away: "Der Server antwortet nicht: gleich noch einmal versuchen.",
    },
    notFound: {
      title: "Hier steht nichts",
      text: "Diese Auswertung gibt es nicht, oder sie steht nicht im eigenen Regal.",
      toShelf: "Zum Regal",
    },
    shelf: {
      full: "Das Regal ist voll. Eine nicht mehr gebrauchte Auswertung löschen und noch einmal beginnen.",
      notBroughtIn: "Das ließ sich nicht einlesen.",
    },
    saving: {
      kept: "Alles gesichert {time}",
      keeping: "Wird gesichert…",
      onDevice: "Auf diesem Gerät gesichert. Der Server antwortet nicht; es wird weiter versucht.",
      waiting: "Auf diesem Gerät gesichert. Der Server bittet um einen Moment.",
      failing: "Auf diesem Gerät gesichert. Der Server stolpert; es wird weiter versucht.",
      forbidden: "Auf diesem Gerät gesichert. Etwas auf dem Weg zum Server lässt nichts durch.",
      pageOlder: "Auf diesem Gerät gesichert. Der Server ist neuer als diese Seite.",
      pageNewer:
        "Auf diesem Gerät gesichert. Der Server ist älter als diese Seite; es wird weiter versucht.",
      reload: "Neu laden",
      signedOut: "Auf diesem Gerät gesichert. Zum Sichern auf dem Server wieder anmelden.",
      nowhere: "Noch nicht gesichert: Dieses Gerät hat keinen Platz. Das Fenster offen lassen.",
      handedIn:
        "Auf diesem Gerät gesichert. Das Blatt ist abgegeben: Dies kommt dazu, wenn es zurück ist.",
      lost: "Auf diesem Gerät gesichert. Diese Auswertung steht nicht mehr im eigenen Regal.",
    },
    reading: {
      nothingChanges:
        "Hier wird nur gelesen, deshalb wurde nichts geändert. Zum Ausprobieren eine Kopie nehmen.",
      label: "Nur lesen",
      nothing: "Was hier geschieht, ändert nichts.",
      copy: "Kopie nehmen",
      ended: "Der Platz an diesem Tisch ist vorbei",
      endedReading: "Dieses Blatt ist nicht mehr offen",
      copied: "Was der Tisch bisher gemacht hat, steht als Kopie im eigenen Regal.",
      toShelf: "Zum Regal",
      takeOut: "Ausgeben, was in diesem Fenster steht",
    },
    refused: {
      fault:
        "Das ging nicht: In diesem Fenster ist etwas schiefgegangen. Was vorher gesichert war, ist es noch; der Fehler ist vermerkt.",
      replacedSince:
        "Andere haben das inzwischen geändert, hier ist also nichts Eigenes zurückzunehmen.",
      partly:
        "{left, plural, one {Ein Teil des Eingelesenen passte nicht mehr und fehlt.} other {# Teile des Eingelesenen passten nicht mehr und fehlen.}} Noch einmal einlesen.",
      nearlyFull:
        "Diese Auswertung hat {megabytes} von 20 MB. Darüber wird nichts mehr angenommen: bald eine neue beginnen.",
    },
    broken: {
      unreadable:
        "Was davon gespeichert ist, passt nicht zusammen: Eine angenommene Änderung hat es verdorben.",
      newer:
        "Sie stammt von einer neueren Version von Fathom Rule als der dieses Servers. Ihr fehlt nichts: Sie öffnet sich wieder, wenn der Server aktuell ist. Bis dahin lässt sie sich als Datei ausgeben.",
      fell: "Die Seite ist über etwas darin gestolpert. Der Fehler ist vermerkt.",
      nothingLost:
        "Nichts geht verloren: Jede Änderung seit dem letzten guten Stand bleibt im Verlauf, und das Gespeicherte lässt sich als Datei ausgeben.",
      goBack: "Zum letzten guten Stand zurück",
      takeOut: "Gespeichertes ausgeben",
      toShelf: "Zum Regal",
      noState:
        "Auch ein früherer Stand ist nicht lesbar. Das Gespeicherte ausgeben und um Hilfe bitten.",
    },
    measure: {
      title: "Messwerte",
      hint: "Einen Messwert eintippen: Enter geht nach unten, Tab nach rechts. Eingefügt werden kann aus jeder Tabellenkalkulation.",
      hintForReaders: "Pfeiltasten gehen von Messwert zu Messwert; Markiertes lässt sich kopieren.",
      emptyClipboard:
        "Die Zwischenablage ist leer. Die Zellen in der Tabellenkalkulation noch einmal kopieren.",
    },
  },
  untitledOne: "Eine Auswertung ohne Titel",
  readingBench: "Gelesen wird Tisch {number}.",
  readingBenchOf: "Gelesen wird Tisch {number}: {names}.",
  broken: {
    named: "{title} lässt sich so nicht zeigen",
    unnamed: "Diese Auswertung lässt sich so nicht zeigen",
  },
} satisfies Translation<typeof english>;
