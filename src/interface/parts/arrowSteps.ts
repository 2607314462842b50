/** Where each arrow key goes: steps to the right and down. */
export const arrowSteps: Readonly<Record<string, readonly [across: number, down: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
