/** Whether the server answers just now. */
export async function serverAnswers(): Promise<boolean> {
  try {
    const answer = await fetch("/api/ready", {
      cache: "no-store",
      signal: AbortSignal.timeout(4000),
    });
    return answer.ok;
  } catch {
    return false;
  }
}
