import type { Translation } from "../language/texts";
import type { findings as english } from "../en/findings";

export const findings = {
  sentences: {
    "narrow-range":
      "Der größte Messwert ist nur {ratio}-mal so groß wie der kleinste. Ein größerer Bereich macht die Gerade sicherer.",
    "unlike-decimals": {
      coarser:
        "Auf {decimals} angegeben, die anderen auf {usual}. Wurde es ebenso fein abgelesen, die Nullen ergänzen.",
      finer:
        "Auf {decimals} angegeben, die anderen auf {usual}. Nur hinschreiben, was das Messgerät zeigt.",
    },
    "uncertainty-decimals":
      "Das ± ist auf {decimals} angegeben, die Messwerte auf {readings}. Beide auf dieselbe Stelle angeben.",
    "disagrees-with-instrument":
      "Auf {decimals} angegeben, aber ein Messgerät mit Schritten von {resolution} wird auf {wanted} abgelesen. Hinschreiben, was es zeigt, auch Nullen.",
    "far-repeat":
      "Liegt abseits der anderen {others} Wiederholungen: Die Lücke beträgt {percent} % ihrer ganzen Spannweite (Dixon-Test, 95 %). Noch einmal hinsehen; wurde gestört, beiseitelegen und sagen, warum.",
    "off-trend":
      "{size, select, large {Neben seinen Nachbarn etwa zehnmal zu groß.} other {Neben seinen Nachbarn etwa zehnmal zu klein.}} Das Dezimalkomma prüfen.",
    "uneven-gaps":
      "Zwischen {from} und {to} wurde nichts gemessen, obwohl die anderen Abstände kleiner sind. Ein Messwert dort würde die Lücke schließen.",
    "broken-formula": {
      atOnce: "Die Formel bricht ab. Etwas fehlt.",
      after:
        "Die Formel bricht nach „{before}“ ab. Dort nach einem fehlenden Zeichen oder einer Klammer sehen.",
    },
    "unknown-symbol": {
      meant: "Es gibt kein {symbol}; gemeint war {meant}?",
      unknown:
        "Es gibt kein {symbol}. Erst einer Größe oder Konstanten dieses Formelzeichen geben.",
    },
    cycle: "{symbols}: Diese hängen im Kreis voneinander ab. Eine davon muss gemessen sein.",
    "adds-unlike":
      "{operator, select, plus {Die beiden Seiten des + haben verschiedene Einheiten und lassen sich nicht addieren.} other {Die beiden Seiten des − haben verschiedene Einheiten und lassen sich nicht subtrahieren.}}",
    "unlike-uncertainty-unit":
      "Das ± hat die Einheit {unit}, die Messwerte {wanted}. Das ± in derselben Art von Einheit angeben oder in % des Messwerts.",
    "subtracts-nearly-equal":
      "Zwei fast gleiche Zahlen werden subtrahiert (in {rows, plural, one {# Zeile} other {# Zeilen}}): übrig bleibt kaum mehr als ihr ±. Die Differenz direkt messen oder größer machen.",
    "paper-not-filled":
      "{axis, select, x {Die Punkte nehmen nur {percent} % des Blatts in der Breite ein.} other {Die Punkte nehmen nur {percent} % des Blatts in der Höhe ein.}} Die Achse das Blatt ausfüllen lassen, damit die Steigung sicherer abzulesen ist.",
    "unusual-steps":
      "Zwischen Schritten von {step} ist schwer zu zählen. 1, 2 oder 5 mal eine Zehnerpotenz nehmen.",
    "small-text":
      "Der Text wird im Druck {points} Punkt hoch. Eine größere Schrift wählen, damit es mindestens 7 Punkt werden.",
    "beyond-logarithm":
      "Eine logarithmische Achse kann {count, plural, one {# Zeile} other {# Zeilen}} bei oder unter null nicht zeigen. Die Achse gleichmäßig teilen oder diese Messwerte ansehen.",
    "too-few-points":
      "{count, plural, =0 {Noch gibt es keine Punkte. Eine Gerade braucht zwei Zeilen mit beiden Messwerten.} other {Es gibt nur einen Punkt. Eine Gerade braucht mindestens zwei.}}",
    "line-misses-boxes":
      "{count, plural, one {Die Ausgleichsgerade verfehlt ein Fehlerrechteck ({rows}).} other {Die Ausgleichsgerade verfehlt Fehlerrechtecke ({rows}).}} Den Messwert und sein ± ansehen oder ihn mit Begründung beiseitelegen.",
    "bars-seem-too-long":
      "Die Punkte liegen viel näher an der Geraden als ihre Balken (reduziertes χ² {reduced}). Das ± ist vielleicht zu groß oder allen Messwerten gemeinsam.",
    "intercept-off-zero":
      "Die Theorie sagt null, aber der Achsenabschnitt liegt das {halves}-fache seines ± davon entfernt. Nach einem Nullpunktfehler oder einem vergessenen Effekt suchen.",
    "curve-in-residuals":
      "Die Punkte liegen so zur Geraden: {pattern}. Das ist eine Kurve. Bei „Linearisieren“ ein anderes Paar von Größen versuchen.",
    "dominant-reading":
      "Ohne Zeile {row} würde sich die Steigung um {percent} % ändern, mehr als ihr eigenes ±. Diesen Messwert prüfen oder in seiner Nähe öfter messen.",
    "too-few-for-curve":
      "{count, plural, one {Diese Kurve braucht mindestens {wanted} Punkte, und es gibt #.} other {Diese Kurve braucht mindestens {wanted} Punkte, und es gibt #.}} Mehr messen oder eine einfachere Kurve wählen.",
    "curve-without-variable":
      "Die Formel muss sagen, wie die Kurve von {symbol} oder von x abhängt.",
    "as-many-parameters-as-points":
      "Mit {count} Parametern durch {count} Punkte trifft die Kurve sie immer und beweist nichts. Mehr messen oder eine einfachere Kurve wählen.",
    "parameter-not-told":
      "Diese Punkte bestimmen {parameter} nicht: Ein anderer Parameter gleicht ihn aus, oder die Suche kam nicht zur Ruhe. Einen festhalten, eine einfachere Kurve wählen oder über einen größeren Bereich messen.",
    "pattern-about-curve":
      "R² ist {rSquared}, und doch liegen die Punkte so zur Kurve: {pattern}. Zu ihnen gehört eine andere Kurve. R² wählt nicht die Physik.",
    "curve-far-beyond":
      "Die Kurve ist {times}-mal so weit über die Messwerte hinaus gezeichnet, wie diese reichen. Auf die Messwerte beschränken oder sagen, dass sie verlängert ist.",
    "line-far-beyond":
      "Die Gerade ist {times}-mal so weit über die Messwerte hinaus gezeichnet, wie diese reichen. Auf die Messwerte beschränken oder sagen, dass sie verlängert ist.",
    "common-part-of-slope":
      "Konstanten bringen {percent} % ± in {symbol}, die kein Fehlerbalken zeigt, denn sie verschieben alle Punkte zusammen. Das ± der Geraden und der Ergebnisse zählt sie mit.",
    "points-err-together": {
      unknown:
        "{between, select, neighbours {Benachbarte Punkte teilen sich einen Messwert und irren zusammen:} other {Beide Achsen kommen aus denselben Messwerten, die Punkte irren also zusammen:}} die Standardfehler sind zu groß oder zu klein. Mit einem ± der Messwerte werden sie richtig.",
      counted:
        "{between, select, neighbours {Benachbarte Punkte teilen sich einen Messwert und irren zusammen.} other {Beide Achsen kommen aus denselben Messwerten, die Punkte irren also zusammen.}} Der Standardfehler zählt das mit: Er ist {factor}-mal so groß wie bei unabhängigen Punkten. Fehlerrechtecke und Grenzgeraden zählen es nicht.",
    },
    "theory-without-symbol": {
      empty: "Der gesuchten Konstanten ihr Formelzeichen geben, wie es in der Theorie steht.",
      absent:
        "{about, select, intercept {Nach der Theorie steckt {symbol} nicht im Achsenabschnitt dieses Diagramms.} other {Nach der Theorie steckt {symbol} nicht in der Steigung dieses Diagramms.}} Das andere von Steigung und Achsenabschnitt nehmen oder die Formel hier schreiben.",
    },
    "accepted-unlike-decimals": {
      more: "Der Literaturwert hat mehr Dezimalstellen als sein ±. Beide auf dieselbe Stelle angeben.",
      fewer:
        "Das ± des Literaturwerts hat mehr Dezimalstellen als der Wert. Beide auf dieselbe Stelle angeben.",
    },
    "missing-unit":
      "Die Messwerte haben keine Einheit. Eine angeben; eine reine Zahl hat die Einheit 1.",
    "few-readings":
      "Es gibt nur {count} Messwerte. Mindestens {wanted} messen, bevor einer Geraden zu trauen ist.",
    "zero-uncertainty":
      "Kein Messwert ist auf ± 0 sicher. Mindestens die halbe kleinste Teilung angeben.",
    "no-uncertainty":
      "Nichts sagt, wie sicher die Messwerte sind. Jedem ein ± geben: mindestens die halbe kleinste Teilung, oder Wiederholungen.",
    "blank-uncertainty":
      "Der Platz des ± ist leer. Ausfüllen; bis dahin weiß niemand, wie sicher dieser Messwert ist, und er hat kein Rechteck.",
    "larger-than-reading":
      "Das ± ist größer als der Messwert selbst. Einheit und Dezimalkomma von beiden prüfen.",
    "identical-repeats":
      "Alle {count} Wiederholungen sind gleich, als wären sie auf ± 0 sicher. Dazu das ± des Messgeräts angeben.",
    "uncertainty-figures":
      "Das ± hat {figures} Stellen. Eine sagt, wie sicher er ist, höchstens {most}.",
    "finer-than-resolution":
      "Das ± ist feiner, als ein kleinster Schritt von {resolution} offenlässt. Mindestens einen halben Schritt angeben.",
    "out-of-order":
      "Alle anderen Zeilen sind geordnet, nur diese nicht. Die Zahl prüfen oder die Zeile verschieben.",
    "duplicate-row":
      "In jedem Messwert gleich mit Zeile {of}. Wurde neu gemessen, zu den Wiederholungen setzen; wurde zweimal abgeschrieben, entfernen.",
    "no-symbol": "Ein Formelzeichen fehlt, mit dem Diagramme und Formeln sie nennen können.",
    "symbol-taken":
      "Etwas anderes heißt schon {symbol}. Ein anderes Formelzeichen wählen oder einen Index anhängen: {symbol}_2.",
    "symbol-is-a-function":
      "Formeln brauchen {symbol} für sich selbst. Ein anderes Formelzeichen wählen oder einen Index anhängen: {symbol}_1.",
    "not-a-formula":
      "Das ist nicht als Formel lesbar. Formelzeichen, Zahlen, + − * / ^, Klammern und Funktionen wie sqrt( ) verwenden.",
    "formula-too-long": "Diese Formel ist zu lang zum Lesen. In zwei Größen teilen.",
    "unknown-sign": "„{sign}“ bedeutet in einer Formel nichts. + − * / ^ verwenden.",
    "unknown-function":
      "Eine Funktion „{function}“ gibt es nicht. Für ein Produkt * schreiben; die Funktionen sind sqrt ln log exp sin cos tan asin acos atan abs.",
    "one-in-brackets": "{function}( ) nimmt eines zwischen seine Klammern.",
    "ambiguous-quotient":
      "Dieser Quotient ist auf zwei Arten lesbar. Für das Produkt * schreiben oder Zusammengehöriges einklammern.",
    "function-of-unit":
      "{function}( ) nimmt eine reine Zahl, aber in der Klammer steht eine Einheit. Durch etwas Gleichartiges dividieren.",
    "exponent-has-unit": "Ein Exponent ist eine reine Zahl, dieser aber hat eine Einheit.",
    "exponent-must-be-a-number":
      "Etwas mit Einheit lässt sich nur mit einer Zahl potenzieren, sonst hätte jede Zeile eine andere Einheit.",
    "celsius-as-factor":
      "Hier wird eine Temperatur in °C multipliziert: Sie wird in Kelvin genommen, denn 20 °C sind nicht zweimal 10 °C.",
    "log-of-unit":
      "{function} wird von der Zahl in ihrer Einheit genommen, wie in Laboren üblich. Die Einheit dazusagen.",
    "unlike-unit-wanted":
      "{unit} ist eine Einheit einer anderen Art von Größe. Das Feld leer lassen oder eine passende wählen.",
    "unit-not-understood":
      "Die Einheit von {symbol} ist unverständlich, damit lässt sich nicht rechnen. Bei „Messen“ berichtigen.",
    "division-by-zero": "Durch null dividiert.",
    "root-of-negative": "Eine Wurzel oder gebrochene Potenz einer negativen Zahl.",
    "log-of-nothing": "Ein Logarithmus von null oder einer negativen Zahl.",
    "arc-beyond-one": "Der Arkus einer Zahl jenseits von 1.",
    "empty-column": "Die Spalte enthält keine Zahl.",
    "no-next-row": "Nach dieser Zeile kommt keine mehr.",
    "slope-without-end": "Das ± wächst hier ohne Ende.",
    "no-reading": "In dieser Zeile fehlt {symbol}.",
    "large-relative-uncertainty":
      "Das ± beträgt bis zu {percent} % des Werts; dort führt die lineare Fortpflanzung in die Irre.",
    "common-part-larger":
      "Das ± der Konstanten ist größer als das der Messwerte: Es verschiebt alle Punkte zusammen und ist keine Streuung.",
    "first-order-misleads":
      "In Zeile {row} krümmt sich die Formel innerhalb des ±: Gezogen ergibt sich ein ±, das um {percent} % abweicht. Das aus Monte Carlo angeben.",
    "coarse-number":
      "Die Zahl {text} lässt {percent} % offen, fast so viel wie die Messwerte. Mit mehr Stellen schreiben oder als Konstante mit ihrem ±.",
    "ignores-repeat":
      "{beside} liest sich wie eine Wiederholung von {symbol}, aber die Formel lässt sie aus. Zu einer Wiederholung von {symbol} machen oder den Mittelwert beider nehmen.",
    "bar-of-zero":
      "Ein Messwert ohne ± würde unendlich viel zählen. Jedem Messwert ein ± geben oder keine Balken zählen lassen.",
    "not-converged":
      "Die Gerade mit beiden Balken kam nicht zur Ruhe. Gezeigt ist sie, so weit sie kam; die weit abliegenden Messwerte ansehen.",
    "parallel-lines": "Die Geraden sind parallel und schneiden sich nirgends.",
    "end-boxes-overlap":
      "Das erste und das letzte Fehlerrechteck liegen waagerecht übereinander. Die Grenzgeraden durch jedes Rechteck legen oder weiter auseinander messen.",
    "range-without-end":
      "Alle Fehlerrechtecke liegen waagerecht übereinander, eine Gerade kann sich also ohne Ende drehen. Weiter auseinander messen.",
    "title-order":
      "Der Titel nennt zuerst die waagerechte Achse. Ein Diagramm heißt y gegen x: Was senkrecht steht, kommt zuerst.",
    "axis-without-unit":
      "Die Achse von {symbol} hat keine Einheit. Der Größe bei „Messen“ eine geben, oder 1 für eine reine Zahl.",
    "no-caption":
      "Die Bildunterschrift ist die vorgeschlagene. In einem eigenen Satz sagen, was das Diagramm zeigt.",
    "joined-points":
      "Punkte sind durch gerade Stücke verbunden, als wäre kein Messwert unsicher. Stattdessen die Ausgleichsgerade oder eine glatte Hilfslinie zeichnen.",
    "bars-too-small":
      "Die Fehlerbalken von {symbol} sind zu klein, um sichtbar zu sein. Das in der Bildunterschrift sagen.",
    "other-unit":
      "{symbol} ist nicht gezeichnet: Die Einheit ist eine andere als die der senkrechten Achse. Beide bei „Berechnen“ in derselben Einheit zeigen.",
    "unknown-unit":
      "„{symbol}“ ist hier keine bekannte Einheit. Es bleibt wie eingetippt; die Schreibweise prüfen.",
    "not-a-unit": "„{text}“ ist nicht als Einheit lesbar. Etwa so schreiben: m s^-2 oder mol/L.",
    "all-x-equal":
      "Alle Punkte stehen waagerecht an derselben Stelle, es gibt also keine Steigung. Diese Größe verändern.",
    "lengths-differ": "Die beiden Größen haben verschieden viele Messwerte.",
    "not-finite": "Einer der Messwerte ist zu groß zum Rechnen.",
    "straightedges-missing":
      "Nach den Hausregeln werden die Grenzgeraden von Hand gelegt. Zwei Lineale anlegen und eines zur steilsten, das andere zur flachsten Geraden machen.",
    "no-error-boxes":
      "Messwerte ohne ± haben keine Fehlerrechtecke, nichts begrenzt also, wie weit die Gerade sich drehen kann. Bei „Messen“ sagen, wie sicher jeder Messwert ist.",
    "many-boxes-missed":
      "Die Ausgleichsgerade verfehlt {missed} von {of} Fehlerrechtecken. Das ± ist vielleicht zu klein, oder die Punkte liegen auf einer Kurve.",
    "parameters-inseparable":
      "Diese Punkte können die Parameter dieser Kurve nicht auseinanderhalten. Eine einfachere Kurve wählen oder einen davon festhalten.",
    "curve-not-found":
      "Nirgends hat diese Kurve an jedem Punkt einen Wert. Startwerte angeben oder eine andere Kurve wählen.",
    "curve-without-formula":
      "Eine Formel schreiben, mit eigenen Buchstaben für das Gesuchte: a*exp(-x/b).",
    "curve-without-parameters":
      "Die Formel lässt nichts zu bestimmen. Für jede gesuchte Zahl einen eigenen Buchstaben setzen.",
    "curve-not-settled":
      "Die Suche kam an keiner tiefsten Stelle zur Ruhe, deshalb sind ihre Zahlen nicht angegeben. Startwerte angeben, einen Parameter festhalten oder eine andere Kurve wählen.",
    "parameters-correlated":
      "Zwei Parameter gleichen einander fast ganz aus, keiner bedeutet also für sich viel. Einen festhalten oder über einen größeren Bereich messen.",
    "start-mattered":
      "Von einem anderen Anfang aus endete die Suche an einer schlechteren Stelle. Nachsehen, ob die Kurve den Punkten folgt, und sonst Startwerte angeben.",
    "theory-needs-one-equals":
      "Die Gleichung mit einem = zwischen beiden Seiten schreiben, wie in T = 4π√(m L³/(E b d³)).",
    "theory-needs-two-measured":
      "Mindestens zwei Formelzeichen der Gleichung müssen zu Größen einer Tabelle gehören. Den Größen die Zeichen der Gleichung geben.",
    "theory-stays-curved":
      "Kein Paar von Größen macht diese Gleichung gerade, solange ihre Unbekannten unbekannt sind. Stattdessen als Kurve anpassen.",
    "r-squared-for-uncertainty":
      "R² sagt, wie gut eine Gerade die Punkte beschreibt, nicht wie sicher die Steigung ist. Die Steigung mit ihrem ± angeben.",
    "two-points-no-standard-error":
      "Zwei Punkte liegen immer auf einer Geraden, nichts sagt also, wie sicher sie ist. Ein drittes Mal messen.",
    "read-off-unbounded":
      "Unter den Geraden, die jedes Rechteck treffen, sind einige, die nie dorthin kommen; nichts begrenzt also diesen Wert. Kürzere Fehlerbalken oder ein größerer Bereich würden es tun.",
    "read-off-beyond":
      "Das ist weit jenseits der Messwerte abgelesen, wo nichts gemessen wurde: sagen, dass verlängert wurde, oder näher daran messen.",
    "lines-cross-near":
      "Die beiden gelegten Geraden schneiden sich nahe dieser Stelle, was zwischen ihnen liegt, sagt dort zu wenig. So legen, dass sie sich dort nicht schneiden, oder die Grenzgeraden durch jedes Rechteck gehen lassen.",
    "result-without-series":
      "Die Messreihe, von der das kam, hat im Diagramm keine Gerade mehr. Eine andere wählen oder ihre Messwerte zurückholen.",
    "curve-without-series":
      "Die Messreihe dieser Kurve hat im Diagramm keine Punkte mehr. Eine andere wählen oder ihre Messwerte zurückholen.",
    "result-without-figure":
      "Das Diagramm, aus dem das kommt, zeigt keine Gerade. Ein Diagramm mit mindestens zwei Messwerten wählen.",
    "result-without-curve":
      "Das Diagramm hat keine angepasste Kurve. Bei „Steigung“ eine anpassen oder das Ergebnis aus der Geraden nehmen.",
    "result-without-quantity": "Die Größe wählen, deren Mittelwert das ist.",
    "result-without-formula":
      "Schreiben, wie es aus der Quelle folgt, etwa 4 · slope, oder die Quelle nehmen, wie sie ist.",
    "result-without-theory":
      "Noch gibt es keine Theorie. Ihre Gleichung bei „Linearisieren“ eintippen oder die Formel hier schreiben.",
    "result-without-uncertainty":
      "Nichts sagt, wie sicher die Zahl aus dem Diagramm ist: den Messwerten ein ± geben oder öfter messen.",
    "result-without-solution":
      "Kein {symbol} über null passt zur Theorie und den Zahlen. Die Einheiten der Konstanten prüfen, und ob Steigung oder Achsenabschnitt gemeint ist.",
    "result-with-several-solutions":
      "Mehr als ein {symbol} passt zur Theorie; dies ist das kleinste.",
    "result-needs-constant":
      "{symbol} hat noch keinen Wert. Als Konstante hinzufügen, mit ± und Einheit.",
    "result-needs-unit":
      "Die Theorie wird numerisch nach {symbol} aufgelöst, die Einheit lässt sich also nicht berechnen. Die Einheit eintippen.",
    "constant-without-value": "Die Konstante {symbol} hat keine lesbare Zahl. Ergänzen.",
    "theory-not-of-figure":
      "Die Theorie macht dieses Diagramm nicht zu einer Geraden. Ein Paar auftragen, das sie bei „Linearisieren“ vorschlägt, oder die Formel hier schreiben.",
    "error-instead-of-range":
      "Hier gibt es keine Grenzgeraden, deshalb steht der Standardfehler der Geraden für ihr ±.",
    "crossing-needs-two-lines":
      "Ein Schnittpunkt braucht ein Diagramm mit zwei Geraden: zwei Messreihen oder zwei Größen auf einem Blatt.",
    "read-off-without-place": "Sagen, bei welchem Wert abgelesen werden soll.",
    "read-off-nothing-there": "Bei diesem Wert ist nichts abzulesen.",
    "accepted-without-source":
      "Der Literaturwert hat noch keine Quelle. Angeben, wo er nachzuschlagen ist.",
    "result-without-unit":
      "Das Ergebnis hat keine Einheit, denn die Achsen seines Diagramms haben keine. Den Größen ihre Einheiten geben.",
  },
  decimals: "{count, plural, one {# Dezimalstelle} other {# Dezimalstellen}}",
  placeOfTen: "die Stelle 10 hoch {exponent}",
  noUnit: "keine",
  sides: { above: "darüber", below: "darunter" },
} satisfies Translation<typeof english>;
