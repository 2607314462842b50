import type { TableRow } from "@/pipeline/recordings/asTable";
import type { Came } from "@/pipeline/recordings/workOut";
import type { Recordings, StretchAsked, StretchSaid, TableAsked } from "@/workers/recordings";
import { WorkerDoor } from "../parts/workerDoor";

type Door = {
  [Name in keyof Recordings]: (
    asked: Parameters<Recordings[Name]>[0],
  ) => Promise<ReturnType<Recordings[Name]>>;
};

const worker = new WorkerDoor<Recordings>(
  () =>
    new Worker(new URL("../../workers/recordings.worker.ts", import.meta.url), { type: "module" }),
  "reads recordings",
);

type Asked<Name extends keyof Recordings> = Parameters<Recordings[Name]>[0];
type Answer<Name extends keyof Recordings> = ReturnType<Recordings[Name]>;

const away = <Name extends keyof Recordings>(name: Name, asked: Asked<Name>) =>
  worker.ask<Answer<Name>>(
    (door) => (door as unknown as Door)[name](asked),
    async () => {
      const { recordings } = await import("@/workers/recordings");
      return (recordings[name] as unknown as (asked: Asked<Name>) => Answer<Name>)(asked);
    },
  );

/** What one choice gives; by the worker, on the page itself where the worker can't be had. */
export const readAway = (asked: StretchAsked): Promise<Came | undefined> => away("read", asked);

/** The moment of the greatest reading, in the same way. */
export const greatestAway = (asked: StretchAsked): Promise<number | undefined> =>
  away("greatest", asked);

/** All that is said of a stretch, in the same way. */
export const stretchAway = (asked: StretchAsked): Promise<StretchSaid> => away("stretch", asked);

/** A stretch as rows of a table, in the same way. */
export const tableAway = (asked: TableAsked): Promise<TableRow[]> => away("table", asked);

/** A channel smoothed, in the same way. */
export const smoothedAway = (asked: TableAsked): Promise<Float32Array> => away("smoothed", asked);
