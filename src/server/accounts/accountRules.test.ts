import { isSignInName, shownName, signInNameFrom } from "./names";
import { passwordFault } from "./passwordRules";

describe("a password", () => {
  test.each([
    ["short", "password-short"],
    ["Password", "password-common"],
    ["1234567890", "password-common"],
    ["Greta Storm", "password-name"],
    ["greta.storm", "password-name"],
    ["four grey gulls", undefined],
    ["длинный пароль", undefined],
    ["aaaaaaab", undefined],
  ])("%s: %s", (password, fault) => {
    expect(passwordFault(password, ["Greta Storm", "greta.storm"])).toBe(fault);
  });

  test("is counted by letters, not by the bytes that they take", () => {
    expect(passwordFault("ééééééé", [])).toBe("password-short");
    expect(passwordFault("éèéèéèéè", [])).toBeUndefined();
  });
});

describe("names", () => {
  test.each([
    ["  Mara   of  the\tquay ", "Mara of the quay"],
    ["\u200b \u0007", ""],
    ["نور", "نور"],
  ])("%j is shown as %j", (typed, shown) => {
    expect(shownName(typed)).toBe(shown);
  });

  test.each([
    ["Ines", true],
    [" TOBI ", true],
    ["jo", true],
    ["mara.9-b", true],
    ["łucja", true],
    ["x", false],
    [".dot", false],
    ["two words", false],
    ["a@b", false],
    ["", false],
    ["y".repeat(41), false],
  ])("%j signs in: %s", (typed, good) => {
    expect(isSignInName(signInNameFrom(typed))).toBe(good);
  });

  test("an accent typed in two parts is the same name", () => {
    expect(signInNameFrom("Rene\u0301")).toBe(signInNameFrom("rené"));
  });
});
