import { type Remote, wrap } from "comlink";
import type { Files } from "@/workers/files";

let worker: Remote<Files> | undefined;

/** The worker that reads files, started when the first one is brought in. */
export function filesWorker(): Remote<Files> {
  worker ??= wrap<Files>(
    new Worker(new URL("../../workers/files.worker.ts", import.meta.url), { type: "module" }),
  );
  return worker;
}
