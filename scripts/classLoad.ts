/** Classes without a screen, for benchmarks: benches that type, and a teacher who watches them. */
import { sampleBrief } from "@/investigation/briefs/sampleBriefs";
import type { OverviewMessage } from "@/protocol/overview";
import { openExperiment } from "@/server/benches/benchLists";
import { setExperiment } from "@/server/benches/experiments";
import { seatEachAlone } from "@/server/benches/seating";
import { makeClass } from "@/server/classes/classes";
import { models } from "@/server/database/models";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { loadInvestigation } from "@/server/investigations/loadInvestigation";
import { type Bench, place, somebody } from "./load";

/** A class of so many students, each alone at a bench of one experiment. */
export async function schoolClass(benches: number, name: string) {
  const teacher = await somebody("teacher", "Greta");
  const classId = await makeClass(teacher.id, name);
  const from = await createInvestigation(teacher.id, sampleBrief("clampedRule"));
  const experimentId = await setExperiment(classId, "A rule that swings", from);
  const students = new Map<string, string>();
  for (let i = 0; i < benches; i++) {
    const { id, cookie } = await somebody("student", `Student ${i + 1}`);
    students.set(id, cookie);
    await models().ClassPerson.create({ classId, personId: id, role: "student" });
  }
  await seatEachAlone({ classId, experimentId });
  const opened = await openExperiment(experimentId, classId);
  const all: Bench[] = [];
  for (const { investigation: sheet, people } of opened.benches) {
    const cookie = students.get(people[0]?.id ?? "") ?? "";
    all.push({ sheet, cookie, state: await loadInvestigation(sheet) });
  }
  return { teacher, experimentId, all };
}

/** The overview's stream: when each sheet is shown at which revision. */
export class Watching {
  private readonly ending = new AbortController();
  private readonly waiting: { sheet: string; revision: number; sent: number }[] = [];
  readonly behind: number[] = [];
  messages = 0;
  letters = 0;

  async follow(experimentId: string, cookie: string): Promise<void> {
    const { signal } = this.ending;
    const stream = await fetch(`${place}/api/overview/${experimentId}`, { headers: { cookie }, signal });
    const reader = stream.body?.pipeThrough(new TextDecoderStream()).getReader();
    let rest = "";
    void (async () => {
      for (;;) {
        const { value, done } = (await reader?.read()) ?? { done: true };
        if (done) return;
        rest += value;
        const parts = rest.split("\n\n");
        rest = parts.pop() ?? "";
        for (const part of parts) if (part.startsWith("data: ")) this.hear(part.slice(6));
      }
    })().catch(() => {});
  } // prettier-ignore

  expect(sheet: string, revision: number, sent: number): void {
    this.waiting.push({ sheet, revision, sent });
  }

  private hear(text: string): void {
    this.messages++;
    this.letters += text.length;
    const now = performance.now();
    for (const { investigation, revision = -1 } of (JSON.parse(text) as OverviewMessage).rows) {
      for (let i = this.waiting.length - 1; i >= 0; i--) {
        const one = this.waiting[i];
        if (!one || one.sheet !== investigation || one.revision > revision) continue;
        this.behind.push(now - one.sent);
        this.waiting.splice(i, 1);
      }
    }
  }

  get left(): number {
    return this.waiting.length;
  }

  end(): void {
    this.ending.abort();
  }
}
