/** Runs once when the server starts. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === "nodejs") {
    const { endStreamsOnSignal } = await import("./server/live/endStreamsOnSignal");
    endStreamsOnSignal();
    const { sweepNowAndThen } = await import("./server/jobs/sweepNowAndThen");
    sweepNowAndThen();
  }
}
