import { inOrder } from "@/investigation/model/order";
import { samples } from "@/investigation/samples/samples";
import { spokenPlace } from "./remarks";

const document = samples.clampedRule();
const [, second] = inOrder(document.rows).map(([id]) => id);
const [aim] = inOrder(document.writeUp.blocks).find(([, { section }]) => section === "aim")!;
const said = (place: string, stage: "measure" | "slope" | "writeup" = "measure") =>
  spokenPlace(document, { stage, place, quote: "" });

test.each([
  [`cell:${second}/time~3`, "row 2, t10, repeat 3"],
  [`cell:${second}/overhang`, "row 2, L"],
  ["quantity:overhang", "L"],
  ["formula:squared", "the formula of T²"],
  ["constant:thickness", "d"],
  ["figure:main", "Figure 1"],
  ["line:main/", "the line of Figure 1"],
  ["result:stiffness", "E"],
  [`block:${aim}`, "Aim"],
  ["", "Measure as a whole"],
])("what %s is called", (place, words) => {
  expect(said(place)).toBe(words);
});

test.each(["cell:gone/time", "quantity:gone", "figure:gone", "result:gone", "block:gone"])(
  "what a remark was on may be gone since: %s",
  (place) => {
    expect(said(place)).toContain("something that is not there any more");
  },
);

test("the line of a series is named by it", () => {
  const several = { ...document, series: { wire: { order: "a0", table: "main", name: "Wire A" } } };
  const place = { stage: "slope", place: "line:main/wire", quote: "" } as const;
  expect(spokenPlace(several, place)).toBe("the line of Figure 1, Wire A");
});
