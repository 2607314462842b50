import type { Files } from "@/workers/files";
import { WorkerDoor } from "../parts/workerDoor";

type Door = {
  [Name in keyof Files]: (
    ...given: Parameters<Files[Name]>
  ) => Promise<Awaited<ReturnType<Files[Name]>>>;
};

const worker = new WorkerDoor<Files>(
  () => new Worker(new URL("../../workers/files.worker.ts", import.meta.url), { type: "module" }),
  "reads files",
);

/** Starts the worker that reads files, soon after the page. */
export function startFilesWorker(): void {
  worker.start();
}

type Read<Name extends keyof Files> = Awaited<ReturnType<Files[Name]>>;

/** Reads by the worker; on the page itself where the worker can't be had. */
export async function readAway<Name extends keyof Files>(
  name: Name,
  ...given: Parameters<Files[Name]>
): Promise<Read<Name>> {
  return worker.ask<Read<Name>>(
    (door) => (door as unknown as Door)[name](...given),
    async (): Promise<Read<Name>> => {
      const { files } = await import("@/workers/files");
      const here = files[name] as (
        ...given: Parameters<Files[Name]>
      ) => Read<Name> | Promise<Read<Name>>;
      return await here(...given);
    },
  );
}
