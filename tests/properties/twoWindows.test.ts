import { applyChange } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRule } from "../fixtures/plainRule";
import {
  type DocumentState,
  received,
  type ServerEdit,
  withChange,
  without,
} from "@/interface/store/documentState";
import { Chance, somethingDone } from "./madeUp";

/** The server's part, as plainly as it can be told: a document and a log. */
class PlainServer {
  document: Investigation = plainRule();
  readonly log: ServerEdit[] = [];

  /** Takes pending edits in order; gives the ids of those that no longer fit. */
  take(edits: DocumentState["pending"]): Set<string> {
    const refused = new Set<string>();
    for (const { id, act, patches } of edits) {
      const application = applyChange(this.document, patches);
      if (application.applied) {
        this.document = application.document;
        this.log.push({ revision: this.log.length + 1, id, act, patches });
      } else refused.add(id);
    }
    return refused;
  }
}

/** A window that works on and only now and then hears from the server. */
class Window {
  state: DocumentState;
  private made = 0;

  constructor(
    private readonly name: string,
    private readonly chance: Chance,
  ) {
    const document = plainRule();
    this.state = { base: document, document, revision: 0, pending: [] };
  }

  work(): void {
    const id = `${this.name}${this.made++}`;
    const { document, change } = somethingDone(this.state.document, this.chance, id);
    if (change.patches.length === 0) return;
    const made = { id: `edit-${id}`, at: "2026-11-23T10:00:00.000Z", on: this.state.revision };
    const edit = { ...change, ...made, window: this.name, device: this.name };
    this.state = withChange(this.state, document, edit, new Set());
  }

  sync(server: PlainServer): void {
    const refused = server.take(this.state.pending);
    this.hear(server);
    this.state = without(this.state, refused).state;
  }

  hear(server: PlainServer): void {
    const news = server.log.filter(({ revision }) => revision > this.state.revision);
    this.state = received(this.state, news).state;
  }
}

test.each([7, 8, 9, 10, 11, 12])("two windows at once end alike, seed %d", (seed) => {
  const chance = new Chance(seed);
  const server = new PlainServer();
  const windows = [
    new Window("a", new Chance(seed + 100)),
    new Window("b", new Chance(seed + 200)),
  ];
  for (let turn = 0; turn < 200; turn++) {
    const window = chance.oneOf(windows)!;
    const what = chance.below(5);
    if (what < 3) window.work();
    else if (what === 3) window.hear(server);
    else window.sync(server);
  }
  for (const window of [...windows, ...windows]) window.sync(server);
  for (const { state } of windows) {
    expect(state.pending).toEqual([]);
    expect(state.document).toEqual(server.document);
    expect(state.base).toEqual(server.document);
  }
  expect(server.log.length).toBeGreaterThan(50);
});
