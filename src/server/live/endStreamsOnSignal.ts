import { stopListening } from "./listener";
import { closeStreams } from "./openStreams";

/** Longest that a request may hold the server back; a save that is cut off is sent again. */
const patience = 2000;

/** Lets the server end promptly on SIGTERM and SIGINT: open event streams and kept connections would hold it. */
export function endStreamsOnSignal(): void {
  for (const signal of ["SIGTERM", "SIGINT"] as const) {
    process.once(signal, () => {
      closeStreams();
      void stopListening();
      setTimeout(() => process.exit(0), patience).unref();
    });
  }
}
