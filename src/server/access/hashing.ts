/** One hash takes 128 MB and most of a processor for a third of a second. */
const atOnce = 2;
const longestQueue = 80;
const longestQueueOfAddress = 40;

interface Waiting {
  readonly address: string;
  readonly begin: () => void;
}

let running = 0;
const queue: Waiting[] = [];

/** Seconds that the queue takes to be worked off, about. */
const secondsOfQueue = () => Math.max(2, Math.ceil((queue.length * 0.5) / atOnce));

/** There is no room to wait: it may be tried again after so many seconds. */
export class QueueFull extends Error {
  constructor(readonly seconds: number) {
    super("too many are waiting");
  }
}

function turnFor(address: string): Promise<void> {
  if (running < atOnce) {
    running++;
    return Promise.resolve();
  }
  const own = queue.filter((one) => one.address === address).length;
  if (queue.length >= longestQueue || own >= longestQueueOfAddress) {
    return Promise.reject(new QueueFull(secondsOfQueue()));
  }
  return new Promise((resolve) => queue.push({ address, begin: resolve }));
}

function nextTurn(): void {
  const next = queue.shift();
  if (next) next.begin();
  else running--;
}

/** Does the work of a password in its turn, two at once in a process; @throws QueueFull where too many wait. */
export async function inTurn<Result>(
  address: string,
  work: () => Promise<Result>,
): Promise<Result> {
  await turnFor(address);
  try {
    return await work();
  } finally {
    nextTurn();
  }
}
