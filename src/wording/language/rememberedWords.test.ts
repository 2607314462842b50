import { figureTexts } from "../figureTexts";
import { addCatalogue } from "./catalogues";
import { about } from "./numbers";
import { rememberedWords } from "./rememberedWords";
import { markDecimals, speak, speaking } from "./spoken";

afterEach(() => {
  speak("en");
  markDecimals(undefined);
});

test("what is said is said once, and anew in another language, of the window or of a document", () => {
  const asked: string[] = [];
  const title = rememberedWords((up: string, across: string) => {
    asked.push(up);
    return figureTexts.title({ up, across });
  });
  expect([title("T", "L"), title("T", "L")]).toEqual(["T against L", "T against L"]);
  expect(speaking("de", () => title("T", "L"))).toBe("T gegen L");
  expect([title("T", "L"), asked]).toEqual(["T against L", ["T", "T"]]);
  speak("de");
  expect([title("T", "L"), title("m", "L")]).toEqual(["T gegen L", "m gegen L"]);
});

test("a number in a sentence follows the decimal mark of the investigation that is open", () => {
  const said = rememberedWords((value: number) => about(value, 2));
  expect(said(1.5)).toBe("1.5");
  markDecimals("comma");
  expect(said(1.5)).toBe("1,5");
});

test("what was said while words were missing is said anew once they are here", () => {
  speak("de");
  const said = rememberedWords(() => figureTexts.unnamed);
  const before = said();
  addCatalogue("de", { figureTexts: { unnamed: "noch ohne Namen" } });
  expect([before === said(), said()]).toEqual([false, "noch ohne Namen"]);
});
