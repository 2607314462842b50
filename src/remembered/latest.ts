/**
 * What came of a thing the last time, from which the next answer is built or with which it is compared. It is kept as
 * long as the thing itself is in use.
 */
export class Latest<Thing extends object, Answer> {
  private readonly answers = new WeakMap<Thing, Answer>();

  of(thing: Thing): Answer | undefined {
    return this.answers.get(thing);
  }

  /** Puts an answer in the place of the one before; the answer itself. */
  keep<Kept extends Answer>(thing: Thing, answer: Kept): Kept {
    this.answers.set(thing, answer);
    return answer;
  }
}

/** The same for things that are known by a name alone; when there are too many names all are forgotten. */
export class LatestByName<Answer> {
  private readonly answers = new Map<string, Answer>();

  constructor(private readonly most: number) {}

  of(name: string): Answer | undefined {
    return this.answers.get(name);
  }

  /** Puts an answer in the place of the one before; the answer itself. */
  keep<Kept extends Answer>(name: string, answer: Kept): Kept {
    if (this.answers.size >= this.most && !this.answers.has(name)) this.answers.clear();
    this.answers.set(name, answer);
    return answer;
  }
}

/** The last few answers, the newest first, for those who look for one that is nearly theirs. */
export class LastFew<Answer> {
  private answers: readonly Answer[] = [];

  constructor(private readonly most: number) {}

  /** What a look at the answers finds first. */
  first<Found>(look: (answer: Answer) => Found | undefined): Found | undefined {
    for (const answer of this.answers) {
      const found = look(answer);
      if (found !== undefined) return found;
    }
    return undefined;
  }

  keep(answer: Answer): void {
    this.answers = [answer, ...this.answers].slice(0, this.most);
  }
}
