import type { Act } from "@/investigation/acts/act";
import { describeBlock } from "@/investigation/acts/describeBlock";
import { setAside } from "@/investigation/acts/setAside";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRichText } from "@/investigation/model/richText";
import { samples } from "@/investigation/samples/samples";
import { reportOf } from "../../../../tests/fixtures/sampleReport";
import { checkReport } from "./checkReport";

const after = <Args>(from: Investigation, act: Act<Args>, args: Args) =>
  perform(from, act, args).document;

describe("what a strict reader would say", () => {
  const remarks = (document: Investigation) => {
    const { context } = reportOf(document);
    return checkReport(context).map(({ finding }) => finding);
  };
  const discussed = (text: string) => {
    const document = samples.clampedRule();
    const [id] = Object.entries(document.writeUp.blocks).find(([, one]) => one.section === "discussion")!; // prettier-ignore
    return after(document, describeBlock, { block: id, change: { text: plainRichText(text) } });
  };

  test.each(Object.entries(samples))("the sample %s is complete", (_, make) => {
    expect(remarks(make())).toEqual([]);
  });

  test.each([
    ["The slope of Figure 1 was 12.5 s² m⁻³.", { name: "dead-number", text: "12.5" }],
    ["In Figure 1 the stiffness is 185 GPa.", { name: "number-unlike-result", text: "185" }],
    ["Figure 1 gives (200 ± 20) GPa.", { name: "dead-number", text: "200" }],
  ])("%s", (text, finding) => {
    expect(remarks(discussed(text))).toMatchObject([finding]);
  });

  test.each(["Figure 1 shows 7 readings.", "Beside 210 GPa in Figure 1 that is 5 GPa too little."])(
    "nothing of: %s",
    (text) => expect(remarks(discussed(text)).filter(({ name }) => name === "number-unlike-result")).toEqual([]), // prettier-ignore
  );

  test.each([
    ["de", "Die Steigung in Abbildung 1 ist positiv.", 0],
    ["de", "Die Steigung ist positiv.", 1],
    ["de", "Siehe Abbildung 12.", 1],
    ["en", "The slope of figure\u00a01 is positive.", 0],
  ] as const)("in a report in %s, a figure is spoken of: %s", (language, text, unspoken) => {
    const spoken = structuredClone(after(discussed(text), setHouseRules, { language }));
    for (const block of Object.values(spoken.writeUp.blocks)) {
      if (block.section !== "discussion") block.text = [];
    }
    const named = remarks(spoken).filter(({ name }) => name === "figure-never-referred");
    expect(named).toHaveLength(unspoken);
  });

  test("an example that is missing, a figure that nobody speaks of, a reading aside for no reason", () => {
    const document = samples.clampedRule();
    const without = structuredClone(document);
    for (const [id, block] of Object.entries(without.writeUp.blocks)) {
      if (block.kind === "example" && block.of === "period") delete without.writeUp.blocks[id];
      const left = without.writeUp.blocks[id];
      if (left) left.text = [];
    }
    const aside = after(without, setAside, { readings: [{ row: "row1", cell: "time" }], reason: "" }); // prettier-ignore
    expect(remarks(aside)).toEqual([
      { name: "example-missing", of: "period" },
      { name: "figure-never-referred", figure: 1 },
      { name: "aside-without-reason", rows: 1 },
    ]);
  });
});
