/** What is done for many at once: an answer for each, or the promise of one that the others need not wait for. */
type Work<Asked, Answer> = (
  asked: readonly Asked[],
) => Promise<readonly (Answer | Promise<Answer>)[]>;

interface Waiting<Asked, Answer> {
  readonly asked: Asked;
  readonly resolve: (answer: Answer | Promise<Answer>) => void;
  readonly reject: (error: unknown) => void;
}

/**
 * Does work together for all who ask for it while the last piece of it is under way: whoever asks alone waits for nobody,
 * and under load many share what a piece costs.
 */
export class Together<Asked, Answer> {
  private waiting: Waiting<Asked, Answer>[] = [];
  private busy = false;

  /** @param most so many are taken at once. */
  constructor(
    private readonly work: Work<Asked, Answer>,
    private readonly most = 64,
  ) {}

  ask(asked: Asked): Promise<Answer> {
    return new Promise((resolve, reject) => {
      this.waiting.push({ asked, resolve, reject });
      if (!this.busy) void this.go();
    });
  }

  private async go(): Promise<void> {
    this.busy = true;
    while (this.waiting.length > 0) {
      const some = this.waiting.slice(0, this.most);
      this.waiting = this.waiting.slice(this.most);
      try {
        const answers = await this.work(some.map(({ asked }) => asked));
        some.forEach(({ resolve }, at) => resolve(answers[at] as Answer | Promise<Answer>));
      } catch (error) {
        for (const { reject } of some) reject(error);
      }
    }
    this.busy = false;
  }
}
