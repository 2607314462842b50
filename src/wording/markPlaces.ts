import type { RunText } from "@/core/unit/runText";
import { markPlaces } from "./en/markPlaces";
import { withCapital } from "./language/capital";
import { listed, withRuns } from "./language/runs";
import { worded } from "./language/worded";
import { rowsInWords } from "./rowsInWords";

const texts = worded("markPlaces", markPlaces);

/** What a pencil mark concerns. */
export type MarkPlace =
  | {
      readonly kind: "quantities";
      /** Their symbols or names; an empty one has none. */
      readonly names: readonly RunText[];
      /** Counted from 1; none where it concerns them as a whole. */
      readonly rows: readonly number[];
      readonly repeat?: number | undefined;
    }
  | { readonly kind: "figure"; readonly number: number; readonly line?: string | undefined }
  | { readonly kind: "result"; readonly name: RunText }
  /** A block of the report by its heading; empty for the report as a whole. */
  | { readonly kind: "block"; readonly heading: string };

/** From so many numbered ones on, the first and the last name them all; beyond so many others the rest are counted. */
const [leastRun, mostNamed] = [3, 6];

/** The stem and the number of a symbol such as N₃. */
function numbered(runs: RunText): readonly [string, number] | undefined {
  const text = runs.map((run) => run.text).join("");
  const found = /^(.*\D)(\d+)$/.exec(text);
  return found ? [found[1] as string, Number(found[2])] : undefined;
}

function isNumberedRun(names: readonly RunText[]): boolean {
  const [from, ...rest] = names.map(numbered);
  if (!from || names.length < leastRun) return false;
  return rest.every((one, index) => one?.[0] === from[0] && one[1] === from[1] + index + 1);
}

/** "N₁ to N₅" of numbered ones, "L and T" of others. */
function quantitiesOf(places: readonly RunText[]): RunText {
  const names = places.map((name): RunText => (name.length > 0 ? name : [{ text: texts.unnamed }]));
  const [from, to] = [names[0] ?? [], names.at(-1) ?? []];
  if (isNumberedRun(names)) return withRuns({ from, to }, (marks) => texts.run(marks));
  const more = names.length - mostNamed;
  const rest: RunText = [{ text: texts.more({ count: more }) }];
  return listed(more > 1 ? [...names.slice(0, mostNamed), rest] : names);
}

/** "Row 3, T", "Figure 2", "result": where a pencil mark stands, before its sentence. */
export function markPlace(place: MarkPlace): RunText {
  switch (place.kind) {
    case "quantities": {
      const named = quantitiesOf(place.names);
      if (place.rows.length === 0) return named;
      const { repeat } = place;
      const rows = withCapital(rowsInWords(place.rows));
      return withRuns({ named }, (marks) =>
        repeat === undefined
          ? texts.inRows({ ...marks, rows })
          : texts.repeat({ ...marks, rows, repeat }),
      );
    }
    case "figure": {
      const { number, line } = place;
      return [
        {
          text: line === undefined ? texts.figure({ number }) : texts.figureLine({ number, line }),
        },
      ];
    }
    case "result":
      return place.name.length > 0 ? place.name : [{ text: texts.result }];
    case "block":
      return [{ text: place.heading || texts.report }];
  }
}
