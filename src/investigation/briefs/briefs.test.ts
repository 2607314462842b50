import { validateInvestigation } from "../model/schema";
import { type SampleName, sampleTitles } from "../samples/samples";
import { sampleBrief } from "./sampleBriefs";

test.each(sampleTitles())("the brief of “$title” gives what is to be done and no readings", ({ name }) => {
  const document = sampleBrief(name as SampleName);
  expect(validateInvestigation(document)).toMatchObject({ valid: true });
  expect(document.rows).toEqual({});
  const brief = document.brief!;
  expect(brief.introduction).toMatch(/^[A-Z].*\.$/s);
  expect(brief.words.measure).not.toBe("");
  expect(Object.keys(brief.asked).every((id) => id in document.quantities)).toBe(true);
  const blocks = Object.values(document.writeUp.blocks);
  expect(blocks.every(({ text }) => text.length === 0)).toBe(true);
  const headed = blocks.filter(({ kind }) => kind === "text");
  expect(headed.length).toBeGreaterThan(0);
  expect(headed.every(({ prompt }) => prompt)).toBe(true);
}); // prettier-ignore
