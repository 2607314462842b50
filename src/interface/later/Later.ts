import { fetchAllWords } from "@/wording/language/fetched";

/** A script that is fetched when it is asked for, or ahead of that, with all words that it may say; asked again where it could not be had. */
export class Later<Script> {
  private script: Script | undefined;
  private asked: Promise<Script> | undefined;
  private lost = false;
  private readonly hearing = new Set<() => void>();

  /** @param load asks for it, anew at each call. */
  constructor(private readonly load: () => Promise<Script>) {
    known.add(this);
  }

  /** The script, where it is here. */
  readonly here = (): Script | undefined => this.script;

  /** Whether it was asked for and could not be had. */
  readonly failed = (): boolean => this.lost;

  readonly subscribe = (hear: () => void): (() => void) => {
    this.hearing.add(hear);
    return () => this.hearing.delete(hear);
  };

  /** Asks for it, once for all who ask meanwhile. Rejects where it can't be had; the next call asks anew. */
  fetch(): Promise<Script> {
    this.asked ??= Promise.all([this.load(), fetchAllWords()]).then(
      ([script]) => {
        this.script = script;
        this.tell(false);
        return script;
      },
      (error: unknown) => {
        this.asked = undefined;
        this.tell(true);
        throw error;
      },
    );
    return this.asked;
  }

  private tell(lost: boolean): void {
    this.lost = lost;
    for (const hear of this.hearing) hear();
  }
}

const known = new Set<Later<unknown>>();

/** Every later script that the scripts here know of and that is not here yet. */
export function notHereYet(): readonly Later<unknown>[] {
  return [...known].filter((one) => one.here() === undefined);
}
