import { isKeptPage } from "./offline";

test.each([
  ["/", true],
  ["/shelf", true],
  ["/here", true],
  ["/investigation/abc", true],
  ["/investigation/abc/slope", true],
  ["/investigation/abc/slope/more", false],
  ["/class/abc", false],
  ["/sign-in", false],
  ["/api/investigations/abc/document", false],
])("whether %s opens from what the device holds: %s", (path, kept) => {
  expect(isKeptPage(path)).toBe(kept);
});
