import { mismatchWith, ownVersion } from "./versions";

test.each([
  [ownVersion, ownVersion, undefined],
  ["1.8", "1.9", "page-older"],
  ["1.9", "2.9", "page-older"],
  ["2.8", "1.9", "page-newer"],
  ["1.10", "1.9", "page-newer"],
  [null, "1.9", undefined],
  ["new", "1.9", undefined],
])("a page of %j on a server of %j: %j", (page, server, mismatch) => {
  expect(mismatchWith(page, server)).toBe(mismatch);
});
