import { setBrief } from "@/investigation/acts/setBrief";
import { sampleBrief } from "@/investigation/briefs/sampleBriefs";
import { perform } from "@/investigation/history/edit";
import { validateInvestigation } from "@/investigation/model/schema";
import { samples } from "@/investigation/samples/samples";
import { isTimeZone, momentOf, timeAt } from "./classClock";
import { toGive } from "./givenBrief";

test("what benches may see only later stands in no sheet, and neither do the teacher’s words", () => {
  const { pattern, brief } = toGive(sampleBrief("clampedRule"), "A rule that swings");
  expect(validateInvestigation(pattern).valid).toBe(true);
  expect(pattern.title).toBe("A rule that swings");
  expect(JSON.stringify(pattern)).not.toMatch(/"210"|data sheet|Time ten swings/);
  expect(brief?.values.stiffness).toEqual({
    value: "210",
    uncertainty: "5",
    source: "data sheet of spring steel",
  });
  expect(brief?.words.measure).toContain("Time ten swings");
  expect(pattern.brief?.fixed["quantity:overhang"]).toBe(true);
  expect(pattern.brief?.asked.overhang?.rows).toBe("6");
});

test("an accepted value that is always shown is given with the sheet", () => {
  const change = { accepted: "always" } as const;
  const { document } = perform(sampleBrief("clampedRule"), setBrief, { change });
  expect(toGive(document, "").pattern.results.stiffness?.accepted.value).toBe("210");
});

test("an investigation that is no brief gives its quantities and none of its readings", () => {
  const { pattern, brief } = toGive(samples.resonatingTube(), "Sound");
  expect(brief).toBeNull();
  expect(pattern.rows).toEqual({});
  expect(pattern.quantities).toHaveProperty("frequency");
});

test("a time is meant by the clock of the class, in summer and in winter", () => {
  expect(momentOf("2026-12-04T12:00", "Europe/Vienna")?.toISOString()).toBe("2026-12-04T11:00:00.000Z");
  expect(momentOf("2026-07-04T12:00", "Europe/Vienna")?.toISOString()).toBe("2026-07-04T10:00:00.000Z");
  expect(timeAt(new Date("2026-07-04T10:00:00Z"), "Europe/Vienna")).toBe("2026-07-04T12:00");
  expect(momentOf("tomorrow", "UTC")).toBeUndefined();
  expect(momentOf("2026-13-40T12:00", "UTC")).toBeUndefined();
  expect([isTimeZone("Europe/Vienna"), isTimeZone("Mars/Olympus")]).toEqual([true, false]);
}); // prettier-ignore
