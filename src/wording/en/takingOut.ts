export const takingOut = {
  /** What is said while files are made, and where they can’t be. */
  takingWords: {
    making: "Making the {kind} …",
    howFar: "{work} {percent} %",
    made: "{name} is made.",
    away: "The {kind} was not made: something that it needs could not be fetched. Check the connection and try again.",
    fault:
      "The {kind} could not be made. The fault lies with Fathom Rule, not with your work or the connection, and has been reported. Take out another kind meanwhile.",
    copied: "The figure is on the clipboard.",
    notCopied: "The browser did not let the figure onto the clipboard. Take it out as a file.",
    goOn: "Make the {kind} with boxes",
    leave: "Leave it",
    giveUp: "Give up",
  },
  /** Table and figure on one page, and where that has no room. */
  onePageWords: {
    question: "Table and figure on one page:",
    kind: "page on {paper}",
    tooLong:
      "The table of {rows} rows and its figure do not fit on one page of {paper} in letters that can be read.",
    columns: "Columns of the table",
    pages: "On {count} pages",
    one: "On one page with these columns",
    notOne: "Does not fit on one page yet",
    leave: "Leave it",
  },
  quoted: "“{word}”",
  more: "{count} more",
  unheld:
    "No font here holds every sign of {words}. In the {kind} an empty box would stand for each that is missing.",
  tex: {
    thinned:
      "TeX has no room for so many points: {points} are drawn, spread evenly. The lines are those of all.",
    ofPoints: "{drawn} of {of} points",
    engine:
      "Set it with LuaLaTeX: pdfLaTeX has no font for some of its letters, and shows their numbers instead.",
  },
} as const;
