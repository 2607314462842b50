import { lineValues, lookValues, plainLook } from "@/investigation/model/figure";
import { heldWords, rangeSentences, weightWords } from "./lines";
import { lookTicks, lookWords, noBrokenAxis, rangeWords, scaleWords } from "./looks";

describe("the words of Plot and Slope", () => {
  test("every choice of a look has a label, and every value of it words of its own", () => {
    for (const [part, values] of Object.entries(lookValues)) {
      const { label, words } = lookWords[part as keyof typeof lookWords];
      expect(label.length).toBeGreaterThan(3);
      expect(Object.keys(words).sort()).toEqual([...values].sort());
      expect(new Set(Object.values(words)).size).toBe(values.length);
    }
  });

  test("every yes or no of a look is a tick with words", () => {
    const flags = Object.entries(plainLook).filter(([, value]) => typeof value === "boolean");
    expect(Object.keys(lookTicks).sort()).toEqual(flags.map(([name]) => name).sort());
  });

  test("ranges are called as the design calls them", () => {
    expect(Object.values(rangeWords)).toEqual(["fill the paper", "start at zero", "by hand"]);
    expect(Object.keys(scaleWords)).toEqual(["linear", "log"]);
  });

  test("a broken axis is refused with the reason and what to do", () => {
    expect(noBrokenAxis()).toMatch(/never broken/);
    expect(noBrokenAxis()).toMatch(/fill the paper instead/);
  });

  test("whatever a line may be weighted by or held to has words", () => {
    expect(Object.keys(weightWords).sort()).toEqual([...lineValues.weights].sort());
    expect(Object.keys(heldWords).sort()).toEqual([...lineValues.held].sort());
  });

  test("each rule of the slope range is explained in a sentence", () => {
    for (const sentence of Object.values(rangeSentences)) expect(sentence).toMatch(/^[A-Z].*\.$/);
    expect(new Set(Object.values(rangeSentences)).size).toBe(4);
  });
});
