import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import { samples } from "@/investigation/samples/samples";
import { curvesOf } from "@/output/report/curvesOf";
import { wordsOf } from "../../../tests/fixtures/sampleReport";
import { reportInHand } from "./reportInHand";

describe("the report in hand", () => {
  const document = samples.clampedRule();
  const curves = curvesOf(document);

  test("is made once for as long as nothing changes", () => {
    expect(reportInHand(document, curves)).toBe(reportInHand(document, curves));
  });

  test("follows a mended reading, and the way back", () => {
    const before = wordsOf(reportInHand(document, curves).report);
    const [row, { readings }] = Object.entries(document.rows)[0]!;
    const [cell] = Object.entries(readings).find(([, text]) => text === "0.200")!;
    const change = { readings: [{ row, cell, text: "0.199" }] };
    const mended = perform(document, typeReadings, change).document;
    const after = wordsOf(reportInHand(mended, curves).report);
    expect(after).toContain("0.199");
    expect(before).not.toContain("0.199");
    expect(wordsOf(reportInHand(document, curves).report)).toBe(before);
  });

  test("offers every value and every table and figure to the text", () => {
    const { live } = reportInHand(document, curves);
    expect(live.references.map(({ text }) => text)).toEqual(
      expect.arrayContaining(["Table\u00a01", "Figure\u00a01"]),
    );
    expect(live.values.map(({ of }) => of).length).toBeGreaterThan(3);
  });
});
