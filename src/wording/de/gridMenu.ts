import type { Translation } from "../language/texts";
import type { gridMenu as english } from "../en/gridMenu";

export const gridMenu = {
  gridMenuWords: {
    cell: "Dieser Messwert und seine Zeile",
    heading: "Diese Größe",
    edit: "Im Text bearbeiten",
    copy: "Kopieren",
    paste: "Einfügen",
    noClipboard:
      "Dieser Browser lässt die Seite hier nicht an die Zwischenablage: in der Zelle Strg+V drücken.",
    empty: "Leeren",
    asideReading: "Diesen Messwert beiseitelegen",
    asideRow: "Die Zeile beiseitelegen",
    back: "Zurückholen",
    history: "Was hier eingetippt wurde",
    insert: "Zeile darüber einfügen",
    up: "Nach oben",
    down: "Nach unten",
    fill: "Nach unten ausfüllen",
    remove: "Zeile entfernen",
    big: "Große Eingabe",
    left: "Nach links",
    right: "Nach rechts",
    hide: "Ausblenden",
    quantity: "Die Größe",
    name: "Name",
    symbol: "Formelzeichen",
    duplicate: "Verdoppeln",
    removeQuantity: "Diese Größe entfernen",
  },
} satisfies Translation<typeof english>;
