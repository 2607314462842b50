import { pitchOf } from "./tones";

test("the foot of the paper is an A, its head the A two octaves above, and nothing leaves the paper", () => {
  expect(pitchOf(0)).toBe(220);
  expect(pitchOf(0.5)).toBeCloseTo(440, 9);
  expect(pitchOf(1)).toBe(880);
  expect(pitchOf(-1)).toBe(220);
  expect(pitchOf(7)).toBe(880);
});
