import { type Remote, wrap } from "comlink";

interface Started<Thing> {
  readonly door: Remote<Thing>;
  /** Refuses once the worker is known not to run. */
  readonly broken: Promise<never>;
}

/** A worker that is started when it is first needed; where it can't be had, the work is done on the page itself. */
export class WorkerDoor<Thing> {
  private started: Started<Thing> | undefined;

  constructor(
    private readonly make: () => Worker,
    private readonly what: string,
  ) {}

  /** Its script comes over the network, so it may be started before it is needed. */
  start(): Started<Thing> {
    if (this.started) return this.started;
    const worker = this.make();
    const broken = new Promise<never>((_, refuse) => {
      worker.addEventListener("error", () => {
        this.started = undefined;
        worker.terminate();
        refuse(new Error(`The worker that ${this.what} does not run.`));
      });
    });
    broken.catch(() => undefined);
    this.started = { door: wrap<Thing>(worker), broken };
    return this.started;
  }

  async ask<Answer>(
    there: (door: Remote<Thing>) => Promise<Answer>,
    here: () => Answer | Promise<Answer>,
  ): Promise<Answer> {
    const { door, broken } = this.start();
    try {
      return await Promise.race([there(door), broken]);
    } catch (error) {
      if (this.started) throw error;
      return await here();
    }
  }
}
