import { expect } from "@playwright/test";
import type { Pressing, Step } from "./pressing";

const madeSeries = async (at: Pressing) => (
  await at.cell(),
  await at.pick(/^Row 1/, /^Make a series/)
);

/** A column that holds words which come again. */
async function wordsInColumn(at: Pressing): Promise<void> {
  await at.press("Add a quantity");
  for (const word of ["calm", "windy", "calm"]) {
    await at.type(word);
    await at.keys("Enter");
  }
}

/** A reading far off the others. */
async function markMade(at: Pressing): Promise<void> {
  await at.cell(2, 1);
  await at.type("9.9");
  await at.keys("Enter");
}

/** A reading with a ± of its own behind it. */
async function statesItsOwn(at: Pressing): Promise<void> {
  await at.cell();
  await at.type("0.200 ± 0.001");
  await at.keys("Enter", "ArrowUp");
}

/** One row whose reading has its ± in a column beside it. */
async function oneRowWithBar(at: Pressing): Promise<void> {
  await statesItsOwn(at);
  await at.press(/^Take the ± into/);
  await at.cell(1);
  await at.keys(...Array<string>(12).fill("Shift+ArrowDown"));
  await at.menu(/^Remove/);
  await at.cell();
}

export const measure: readonly Step[] = [
  ["type-readings", async (at) => (await at.cell(), await at.type("0.21"), await at.keys("Enter"))],
  ["insert-rows", async (at) => (await at.cell(2), await at.keys("Insert"))],
  ["move-rows", async (at) => (await at.cell(2), await at.keys("Alt+ArrowDown"))],
  ["remove-rows", async (at) => (await at.cell(2), await at.menu(/^Remove the row/))],
  ["set-aside", async (at) => (await at.cell(3), await at.menu(/^Set this reading/, /^misread/))],
  [
    "take-back",
    async (at) => at.menu(/^Take back/),
    async (at) => (await at.cell(3), await at.menu(/^Set this reading/, /^misread/)),
  ],
  ["duplicate-quantity", async (at) => (await at.cell(), await at.press("Duplicate"))],
  ["hide-quantity", async (at) => (await at.cell(), await at.press("Hide"))],
  ["move-quantity", async (at) => (await at.cell(), await at.press("Move right"))],
  ["add-quantity", (at) => at.press("Add a quantity")],
  ["remove-quantity", async (at) => (await at.cell(), await at.press("Remove this quantity"))],
  ["describe-quantity", async (at) => (await at.cell(), await at.fill("Name", "length"))],
  [
    "rename-symbol",
    async (at) => (await at.cell(), await at.fill("Symbol", "q_2"), await at.keys("Enter")),
  ],
  ["set-repeats", async (at) => (await at.cell(), await at.press("One repeat more"))],
  [
    "choose-spread",
    async (at) => (await at.cell(0, 1), await at.choose(/scatter|half the range|Spread/i)),
  ],
  [
    "set-uncertainty",
    async (at) => (await at.cell(), await at.choose(/^How sure each reading is/)),
  ],
  ["choose-instrument", async (at) => (await at.cell(), await at.choose(/^Read with/))],
  [
    "keep-instrument",
    (at) => at.press("Keep as one’s own instrument"),
    async (at) => (await at.cell(), await at.fill("Instrument", "long rule")),
  ],
  [
    "forget-instrument",
    (at) => at.press(/^Forget/),
    async (at) => (
      await at.cell(),
      await at.fill("Instrument", "long rule"),
      await at.press("Keep as one’s own instrument")
    ),
  ],
  ["unfold-uncertainty", (at) => at.press(/^Take the ± into/), statesItsOwn],
  ["fold-uncertainty", (at) => at.press(/^Put the ± behind/), oneRowWithBar],
  ["add-series", async (at) => (await at.cell(), await at.pick(/^Row 1/, /^Make a series/))],
  [
    "put-into-series",
    async (at) => (await at.cell(1), await at.pick(/^Row 2/, /^Put into/)),
    madeSeries,
  ],
  [
    "name-series",
    (at) => at.fill("Name of the series", "thin rule"),
    async (at) => (await madeSeries(at), await at.firstSeries()),
  ],
  [
    "remove-series",
    (at) => at.press("Dissolve"),
    async (at) => (await madeSeries(at), await at.firstSeries()),
  ],
  [
    "arrange-rows",
    async (at) => (await at.cell(), await at.pick(/^Row 1/, /^Sort all rows/)),
    async (at) => (await at.cell(2), await at.keys("Alt+ArrowDown")),
  ],
  [
    "add-further-repeat",
    async (at) => (await at.cell(0, 1), await at.pick(/^Row 1/, /^A further repeat/)),
  ],
  [
    "part-repeats",
    async (at) => (await at.cell(0, 1), await at.press("A column of its own for each repeat")),
  ],
  [
    "gather-repeats",
    async (at) => (
      await at.cell(),
      await at.keys("Shift+ArrowRight"),
      await at.press(/^Make repeats of/)
    ),
    async (at) => (await at.cell(), await at.press("Duplicate")),
  ],
  ["keep-as-remarks", (at) => at.press("Keep it as remarks"), wordsInColumn],
  ["series-by-column", (at) => at.press("Make them series"), wordsInColumn],
  [
    "dismiss-mark",
    async (at) => (await at.press(/^Answer/), await at.press("Rub out the mark")),
    markMade,
  ],
  [
    "recall-mark",
    (at) => at.press("Bring it back"),
    async (at) => (
      await markMade(at),
      await at.press(/^Answer/),
      await at.press("Rub out the mark"),
      await at.opened()
    ),
  ],
  [
    "set-house-rules",
    async (at) => (
      await at.press("House rules"),
      await at.inSheet(/^Decimal mark/),
      await at.keys("Escape")
    ),
  ],
  [
    "bring-in-table",
    async (at) => {
      await at.press("Bring in");
      await at.page.getByLabel("File").setInputFiles({
        name: "wires.csv",
        mimeType: "",
        buffer: Buffer.from("length l / m;current I / A\n0,20;0,35\n0,30;0,24\n"),
      });
      await at.page.getByRole("button", { name: "Bring in as a new table" }).press("Enter");
      await at.page.getByRole("dialog").waitFor({ state: "detached" });
    },
  ],
  [
    "paste-block",
    async (at) => {
      await at.page.evaluate(() => navigator.clipboard.writeText("0.5\t1\n0.6\t2"));
      await at.cell(2);
      await at.keys("Control+v");
    },
  ],
  ["add-table", (at) => at.press("Add a table")],
  [
    "name-table",
    (at) => at.fill("Name of the table in hand", "second"),
    (at) => at.press("Add a table"),
  ],
  ["remove-table", (at) => at.press("Remove this table"), (at) => at.press("Add a table")],
  ["add-constant", (at) => at.press("Add a constant")],
  ["describe-constant", (at) => at.fill("Value of m", "141")],
  ["remove-constant", (at) => at.press("Remove m")],
  ["rename-investigation", (at) => at.fill("Title of the investigation", "Another title")],
];

export const derive: readonly Step[] = [
  ["add-derived", (at) => at.press("Write a formula")],
  [
    "set-formula",
    async (at) => (
      await at.stand("combobox", /^Formula of T$/),
      await at.keys("End"),
      await at.type("+0")
    ),
  ],
  ["choose-example", (at) => at.press(/row in the write-up/)],
  ["describe-quantity", (at) => at.fill("Name", "time of one swing")],
];

export const straighten: readonly Step[] = [
  ["set-board", (at) => at.choose(/^Up/, undefined)],
  ["plot-pair", (at) => at.press(/^Plot it/)],
  [
    "write-theory",
    async (at) => (
      await at.keys("Alt+3"),
      await at.fill("The equation that the readings should follow", "T = L")
    ),
  ],
  ["add-curve", (at) => at.press("Fit it as a curve")],
];

/** A further quantity in the unit of the vertical axis. */
async function twiceTheSquare(at: Pressing): Promise<void> {
  await at.keys("Alt+2");
  await at.press("Write a formula");
  await expect(at.page.locator("[data-formula-field]").last()).toBeFocused();
  await at.type("2 T^2");
  await at.keys("Enter", "Alt+4");
  await expect(at.page.getByRole("group", { name: "On the same paper" })).toBeVisible();
}

export const plot: readonly Step[] = [
  ["add-figure", (at) => at.press("Add a figure")],
  [
    "remove-figure",
    (at) => at.press(/^Remove (?:this figure|Figure)/),
    (at) => at.press("Add a figure"),
  ],
  ["choose-axis", (at) => at.choose(/^Up the vertical axis/)],
  ["plot-also", (at) => at.besideTick(), twiceTheSquare],
  [
    "place-legend",
    (at) => at.keys("ArrowLeft"),
    async (at) => (
      await twiceTheSquare(at),
      await at.besideTick(),
      await at.stand("button", /^The legend|^Legend/)
    ),
  ],
  [
    "set-axis",
    async (at) => (await at.stand("slider", "Horizontal axis"), await at.keys("ArrowRight")),
  ],
  ["describe-figure", (at) => at.fill("Title", "Swings")],
  ["set-look", (at) => at.choose(/^Points/)],
  ["set-series-look", (at) => at.choose(/^Colour/)],
  ["keep-look", (at) => at.press(/^Keep as/)],
  ["put-label", (at) => at.press("Write on the figure")],
  [
    "remove-label",
    (at) => at.keys("Delete"),
    async (at) => (
      await at.press("Write on the figure"),
      await at.stand("button", /^Label|drag it, or move it/)
    ),
  ],
  [
    "show-equation",
    async (at) => (
      await at.stand("application", /^Readings/),
      await at.keys("ArrowDown"),
      await at.menu(/equation/)
    ),
  ],
  [
    "place-equation",
    (at) => at.keys("ArrowLeft"),
    async (at) => (
      await at.stand("application", /^Readings/),
      await at.keys("ArrowDown"),
      await at.menu("Write its equation"),
      await at.stand("button", /^Equation/)
    ),
  ],
];

export const slope: readonly Step[] = [
  ["lay-straightedge", (at) => at.press("Lay a straightedge")],
  [
    "lift-straightedge",
    async (at) => at.menu("Take it off"),
    async (at) => (
      await at.press("Lay a straightedge"),
      await at.stand("button", /^Straightedge 1, first/)
    ),
  ],
  ["draw-triangle", (at) => at.press("Slope triangle")],
  ["set-line", (at) => at.press("Draw the best line")],
  ["add-curve", (at) => at.choose(/^Fit a curve/)],
  ["set-curve", (at) => at.tick(/./), (at) => at.choose(/^Fit a curve/)],
  ["remove-curve", (at) => at.press("Take off"), (at) => at.choose(/^Fit a curve/)],
  [
    "set-parameter",
    (at) => at.tick("keep at its start"),
    async (at) => (await at.choose(/^Fit a curve/), await at.opened()),
  ],
];

export const conclude: readonly Step[] = [
  ["add-result", (at) => at.press("Add a result")],
  ["remove-result", (at) => at.press("Remove this result")],
  ["describe-result", (at) => at.fill("Name", "stiffness")],
];

export const writeUp: readonly Step[] = [
  ["add-blocks", (at) => at.press("a text with a heading")],
  ["move-block", async (at) => (await at.stand("button", "Move Aim"), await at.keys("ArrowDown"))],
  ["describe-block", (at) => at.press("Hide Aim")],
  ["remove-block", (at) => at.press("Take out Aim")],
  ["set-write-up", (at) => at.choose(/^Paper/)],
];

/** The sheet of a brief, what is done in it, and away with it. */
const sheet = (does: (at: Pressing) => Promise<void>) => async (at: Pressing) => {
  await at.press("What the brief says");
  await expect(at.page.getByRole("dialog").getByRole("heading").first()).toBeVisible();
  await does(at);
  await at.keys("Escape");
};

const inDialog = (at: Pressing, role: "button" | "textbox" | "checkbox", name: string | RegExp) =>
  at.page.getByRole("dialog").getByRole(role, { name }).last().focus();

export const brief: readonly Step[] = [
  ["set-brief", sheet(async (at) => (await inDialog(at, "textbox", "Introduction"), await at.type("How stiff?")))],
  ["ask-of", sheet(async (at) => (await inDialog(at, "textbox", /rows at least/), await at.type("8")))],
  ["add-criterion", sheet(async (at) => (await inDialog(at, "button", "Add a criterion"), await at.keys("Enter")))],
  ["set-criterion", sheet(async (at) => (await inDialog(at, "textbox", "What you look for"), await at.type("tidy")))],
  ["remove-criterion", sheet(async (at) => (await inDialog(at, "button", /^Remove “/), await at.keys("Enter")))],
  ["fix-parts", (at) => at.tick(/^L, overhang/)],
  ["set-word", (at) => at.fill(/^Each bench reads it/, "Time ten swings.")],
]; // prettier-ignore

/** Acts that are done with instruments (`readingOff.spec.ts`), at a brief's beginning, or by the server itself. */
export const elsewhere = [
  ...["keep-recording", "set-recording", "read-off", "read-each-off", "read-again", "bring-read-off", "forget-read-off", "remove-recording"],
  ...["begin-brief", "show-accepted"],
]; // prettier-ignore
