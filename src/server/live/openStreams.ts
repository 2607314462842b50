const place = globalThis as { fathomRuleStreams?: Set<() => void> };
const closers = (place.fathomRuleStreams ??= new Set());

/** Remembers how to close an event stream; an open one would keep the server alive after SIGTERM. */
export function streamOpened(close: () => void): () => void {
  closers.add(close);
  return () => closers.delete(close);
}

/** Closes every event stream of this process. */
export function closeStreams(): void {
  for (const close of [...closers]) close();
}
