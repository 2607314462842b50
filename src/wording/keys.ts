/** A key, or several that do the same, and what it does. */
export interface KeyWords {
  readonly keys: string;
  readonly does: string;
}

export const keysTitle = "All keys";
export const keysShown = "F1";

/** Every key of the application by where it acts. */
export const keyGroups: readonly { readonly title: string; readonly keys: readonly KeyWords[] }[] =
  [
    {
      title: "Everywhere",
      keys: [
        { keys: "Alt+1 … Alt+7", does: "go to a stage" },
        { keys: "Alt+0", does: "take the readings in hand, or put them away" },
        { keys: "Alt+P, Alt+N", does: "where a teacher reads: the bench before, the next one" },
        { keys: "Ctrl+Z", does: "undo one’s own last act" },
        { keys: "Ctrl+Shift+Z", does: "do it again" },
        { keys: "F1", does: "this list" },
        { keys: "F6", does: "to the margin of what is in hand, and back to the same place" },
        { keys: "Shift+F10, menu key", does: "what can be done with the thing in hand" },
        { keys: "Esc", does: "from the margin back to the page; close what is open" },
      ],
    },
    {
      title: "Measure: the readings",
      keys: [
        { keys: "Enter, Shift+Enter", does: "down, up" },
        { keys: "Tab, Shift+Tab", does: "to the next cell, the one before" },
        { keys: "arrows", does: "from cell to cell; with Shift a range" },
        { keys: "F2", does: "edit within the text of a cell" },
        { keys: "Esc", does: "leave what was typed as it was" },
        { keys: "Home, End", does: "first, last column; with Ctrl first, last cell" },
        { keys: "Page up, Page down", does: "fifteen rows up, down" },
        { keys: "Ctrl+A", does: "select all" },
        { keys: "Ctrl+C, Ctrl+V", does: "copy, paste; also to and from a spreadsheet" },
        { keys: "Delete", does: "empty the selected cells" },
        { keys: "Insert", does: "a row above" },
        { keys: "Alt+↑, Alt+↓", does: "move the selected rows" },
        { keys: "Alt+←, Alt+→", does: "move the quantity" },
        { keys: "Alt+Shift+↓", does: "fill the topmost reading down the range" },
        { keys: "Ctrl+Enter", does: "big entry: the row in hand in large type; Esc goes back" },
        { keys: "Alt+Enter", does: "the chosen instrument’s present value, with its ±" },
        { keys: "Ctrl+F", does: "find a reading; Enter goes on, Shift+Enter back" },
      ],
    },
    {
      title: "Measure: recordings",
      keys: [
        { keys: "←, →", does: "move the edge in hand, or what the lower trace shows" },
        { keys: "Shift+←, Shift+→", does: "move the edge by ten steps" },
        { keys: "Home, End", does: "the edge to the beginning, to the end" },
        { keys: "+, −", does: "the lower trace nearer, wider" },
      ],
    },
    {
      title: "Derive",
      keys: [
        { keys: "↓, ↑, Enter or Tab", does: "choose and take a proposed symbol or function" },
        { keys: "Enter", does: "from a formula to the next one" },
      ],
    },
    {
      title: "Straighten: the board",
      keys: [
        { keys: "arrows, Home, End", does: "from cell to cell" },
        { keys: "Enter", does: "plot the pair in hand" },
      ],
    },
    {
      title: "Plot",
      keys: [
        { keys: "← →", does: "from reading to reading; along the figure when reading off" },
        { keys: "Enter", does: "go to the reading in its table" },
        {
          keys: "arrows on an axis",
          does: "move it; + and − stretch it, Home lets it fill the paper",
        },
        { keys: "arrows on words", does: "move them; Delete takes them off" },
      ],
    },
    {
      title: "Slope",
      keys: [
        {
          keys: "arrows on a handle",
          does: "move the straightedge or the triangle; with Shift further",
        },
      ],
    },
    {
      title: "Write up",
      keys: [
        { keys: "Ctrl+B, Ctrl+I", does: "bold, italic" },
        { keys: "Ctrl+Alt+↓, Ctrl+Alt+↑", does: "lower, raise letters" },
      ],
    },
  ];
