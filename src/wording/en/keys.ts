export const keys = {
  /** Every key of the application by where it acts, in the order in which they are listed. */
  groups: {
    everywhere: {
      title: "Everywhere",
      keys: {
        k1: { keys: "Alt+1 … Alt+7", does: "go to a stage" },
        k2: { keys: "Alt+0", does: "take the readings in hand, or put them away" },
        k3: { keys: "Alt+P, Alt+N", does: "where a teacher reads: the bench before, the next one" },
        k4: { keys: "Ctrl+Z", does: "undo one’s own last act" },
        k5: { keys: "Ctrl+Shift+Z", does: "do it again" },
        k6: { keys: "F1", does: "this list" },
        k7: { keys: "F6", does: "to the margin of what is in hand, and back to the same place" },
        k8: { keys: "Shift+F10, menu key", does: "what can be done with the thing in hand" },
        k9: { keys: "Esc", does: "from the margin back to the page; close what is open" },
      },
    },
    readings: {
      title: "Measure: the readings",
      keys: {
        k1: { keys: "Enter, Shift+Enter", does: "down, up" },
        k2: { keys: "Tab, Shift+Tab", does: "to the next cell, the one before" },
        k3: { keys: "arrows", does: "from cell to cell; with Shift a range" },
        k4: { keys: "F2", does: "edit within the text of a cell" },
        k5: { keys: "Esc", does: "leave what was typed as it was" },
        k6: { keys: "Home, End", does: "first, last column; with Ctrl first, last cell" },
        k7: { keys: "Page up, Page down", does: "fifteen rows up, down" },
        k8: { keys: "Ctrl+A", does: "select all" },
        k9: { keys: "Ctrl+C, Ctrl+V", does: "copy, paste; also to and from a spreadsheet" },
        k10: { keys: "Delete", does: "empty the selected cells" },
        k11: { keys: "Insert", does: "a row above" },
        k12: { keys: "Alt+↑, Alt+↓", does: "move the selected rows" },
        k13: { keys: "Alt+←, Alt+→", does: "move the quantity" },
        k14: { keys: "Alt+Shift+↓", does: "fill the topmost reading down the range" },
        k15: {
          keys: "Ctrl+Enter",
          does: "big entry: the row in hand in large type; Esc goes back",
        },
        k16: { keys: "Alt+Enter", does: "the chosen instrument’s present value, with its ±" },
        k17: { keys: "Ctrl+F", does: "find a reading; Enter goes on, Shift+Enter back" },
      },
    },
    recordings: {
      title: "Measure: recordings",
      keys: {
        k1: { keys: "←, →", does: "move the edge in hand, or what the lower trace shows" },
        k2: { keys: "Shift+←, Shift+→", does: "move the edge by ten steps" },
        k3: { keys: "Home, End", does: "the edge to the beginning, to the end" },
        k4: { keys: "+, −", does: "the lower trace nearer, wider" },
      },
    },
    derive: {
      title: "Derive",
      keys: {
        k1: { keys: "↓, ↑, Enter or Tab", does: "choose and take a proposed symbol or function" },
        k2: { keys: "Enter", does: "from a formula to the next one" },
      },
    },
    straighten: {
      title: "Straighten: the board",
      keys: {
        k1: { keys: "arrows, Home, End", does: "from cell to cell" },
        k2: { keys: "Enter", does: "plot the pair in hand" },
      },
    },
    plot: {
      title: "Plot",
      keys: {
        k1: { keys: "← →", does: "from reading to reading; along the figure when reading off" },
        k2: { keys: "Enter", does: "go to the reading in its table" },
        k3: {
          keys: "arrows on an axis",
          does: "move it; + and − stretch it, Home lets it fill the paper",
        },
        k4: { keys: "arrows on words", does: "move them; Delete takes them off" },
      },
    },
    slope: {
      title: "Slope",
      keys: {
        k1: {
          keys: "arrows on a handle",
          does: "move the straightedge or the triangle; with Shift further",
        },
      },
    },
    writeup: {
      title: "Write up",
      keys: {
        k1: { keys: "Ctrl+B, Ctrl+I", does: "bold, italic" },
        k2: { keys: "Ctrl+Alt+↓, Ctrl+Alt+↑", does: "lower, raise letters" },
      },
    },
  },
} as const;
