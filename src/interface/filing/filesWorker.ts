import { wrap } from "comlink";
import { type Files, files } from "@/workers/files";

type Door = {
  [Name in keyof Files]: (
    ...given: Parameters<Files[Name]>
  ) => Promise<Awaited<ReturnType<Files[Name]>>>;
};

interface Started {
  readonly door: Door;
  /** Refuses once the worker is known not to run. */
  readonly broken: Promise<never>;
}

let started: Started | undefined;

/**
 * Starts the worker that reads files. Its script comes over the network, so it is started soon after the page.
 */
export function startFilesWorker(): Started {
  if (started) return started;
  const worker = new Worker(new URL("../../workers/files.worker.ts", import.meta.url), {
    type: "module",
  });
  const broken = new Promise<never>((_, refuse) => {
    worker.addEventListener("error", () => {
      started = undefined;
      worker.terminate();
      refuse(new Error("The worker that reads files does not run."));
    });
  });
  broken.catch(() => undefined);
  started = { door: wrap<Files>(worker) as Door, broken };
  return started;
}

/** Reads by the worker; on the page itself where the worker can't be had. */
export async function readAway<Name extends keyof Files>(
  name: Name,
  ...given: Parameters<Files[Name]>
): Promise<Awaited<ReturnType<Files[Name]>>> {
  const { door, broken } = startFilesWorker();
  try {
    return await Promise.race([door[name](...given), broken]);
  } catch (error) {
    if (started) throw error;
    const here = files[name] as (...given: Parameters<Files[Name]>) => ReturnType<Files[Name]>;
    return await here(...given);
  }
}
