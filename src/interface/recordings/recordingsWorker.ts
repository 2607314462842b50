import type { Came } from "@/pipeline/recordings/workOut";
import {
  recordings,
  type Recordings,
  type StretchAsked,
  type StretchSaid,
} from "@/workers/recordings";
import { WorkerDoor } from "../parts/workerDoor";

type Door = {
  [Name in keyof Recordings]: (asked: StretchAsked) => Promise<ReturnType<Recordings[Name]>>;
};

const worker = new WorkerDoor<Recordings>(
  () =>
    new Worker(new URL("../../workers/recordings.worker.ts", import.meta.url), { type: "module" }),
  "reads recordings",
);

const away = <Name extends keyof Recordings>(name: Name, asked: StretchAsked) =>
  worker.ask<ReturnType<Recordings[Name]>>(
    (door) => (door as unknown as Door)[name](asked),
    () => (recordings[name] as (asked: StretchAsked) => ReturnType<Recordings[Name]>)(asked),
  );

/** What one choice gives; by the worker, on the page itself where the worker can't be had. */
export const readAway = (asked: StretchAsked): Promise<Came | undefined> => away("read", asked);

/** The moment of the greatest reading, in the same way. */
export const greatestAway = (asked: StretchAsked): Promise<number | undefined> =>
  away("greatest", asked);

/** All that is said of a stretch, in the same way. */
export const stretchAway = (asked: StretchAsked): Promise<StretchSaid> => away("stretch", asked);
