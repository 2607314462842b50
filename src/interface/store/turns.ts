import type { Steps } from "@/pipeline/readings/steps";

/** Gives the page its turn: a key, a frame or a message that waits comes before what goes on. */
export function turn(): Promise<void> {
  const { port1, port2 } = new MessageChannel();
  return new Promise((resolve) => {
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(undefined);
  });
}

/** Milliseconds for which work in turns may hold the page at a stretch. */
const longestStretch = 12;

/** Does long work step by step, giving the page its turn between them; undefined once it is wanted no longer. */
export async function inTurns<Result>(
  steps: Steps<Result>,
  wanted: () => boolean,
): Promise<Result | undefined> {
  let began = performance.now();
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    if (performance.now() - began > longestStretch) {
      await turn();
      began = performance.now();
    }
    if (!wanted()) return undefined;
  }
}
