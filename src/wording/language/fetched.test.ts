import { awayWords } from "../away";
import { shelfWords } from "../shelf";
import { signInWords } from "../signIn";
import { transformWords } from "../straighten";
import { fetchAllWords, fetchedOrEnglish, fetchLanguage, isInHand, needParts } from "./fetched";
import { partsOfPath } from "./parts";
import { speaking } from "./spoken";

/** As in a browser, which has English alone at first. */
jest.mock("#every-language", () => ({ everyLanguage: [] }));

let away = true;
jest.mock("../de/parts/shelf", () => {
  if (away) throw new Error("away");
  return jest.requireActual<object>("../de/parts/shelf");
});

const germanWords = () =>
  speaking("de", () => [awayWords.again, signInWords.password, shelfWords.allBenches]);

test("words come with the pages that say them, and what comes later brings the rest", async () => {
  expect([isInHand("en"), isInHand("de")]).toEqual([true, false]);
  await fetchLanguage("de");
  expect(isInHand("de")).toBe(true);
  expect(germanWords()).toEqual(["Noch einmal", "Passwort", "See all benches"]);

  needParts(partsOfPath("/shelf"));
  expect(isInHand("de")).toBe(false);
  await expect(fetchLanguage("de")).rejects.toThrow("away");
  await fetchedOrEnglish("de");
  expect(germanWords()[2]).toBe("See all benches");
  away = false;
  await fetchLanguage("de");
  expect(isInHand("de")).toBe(true);
  expect(germanWords()[2]).toBe("Alle Tische sehen");

  const squared = () => speaking("de", () => transformWords["2"]);
  expect(squared()).toBe("squared");
  await fetchAllWords();
  expect(squared()).toBe("zum Quadrat");
});

test("each page waits for the words it says", () => {
  expect(partsOfPath("/sign-in")).toEqual(["door"]);
  expect(partsOfPath("/investigation/7/plot")).toEqual(["door", "inside", "sheet"]);
  expect(partsOfPath("/class/3")).toEqual(["door", "inside", "shelf"]);
  expect(partsOfPath("/read")).toContain("rest");
});
