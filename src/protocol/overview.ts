import * as yup from "yup";
import type { Criterion } from "@/investigation/model/brief";
import type { StageId } from "@/investigation/model/stage";
import type { BenchSummary } from "@/overview/glance";
import type { Together } from "@/overview/together";
import type { BenchMember } from "./classes";
import type { HandedIn } from "./handing";

/** A bench on the class overview; students of the class see no more of it than what it measured. */
export interface OverviewRow {
  readonly id: string;
  readonly number: number;
  /** Its sheet; "" for whoever may not read it. */
  readonly investigation: string;
  readonly people: readonly BenchMember[];
  /** On which stage somebody did something last; left out where nobody has. */
  readonly stage?: StageId;
  /** ISO 8601; left out where nothing was done yet. */
  readonly changedAt?: string;
  readonly handing?: HandedIn;
  /** Left out where it is not worked out yet, or can't be read. */
  readonly glance?: BenchSummary;
  /** Of which revision of the sheet that is. */
  readonly revision?: number;
}

/** Who of the class sees the overview: its teachers alone, or students too, with or without names. */
export const shownTo = ["no", "numbers", "names"] as const;
export type ShownTo = (typeof shownTo)[number];

/** How somebody may see an overview: as a teacher of the class, or as its students do. */
export type Sight = "teacher" | Exclude<ShownTo, "no">;

/** The benches of an experiment at a glance. */
export interface Overview {
  readonly title: string;
  readonly shown: ShownTo;
  /** What the experiment is marked by; left out for students. */
  readonly criteria?: Readonly<Record<string, Criterion>>;
  /** By their numbers. */
  readonly rows: readonly OverviewRow[];
  readonly together?: Together;
}

/** What an overview's stream says: what has changed since it last spoke, at first everything. */
export interface OverviewMessage extends Pick<Overview, "title" | "shown"> {
  readonly rows: readonly OverviewRow[];
  /** Benches that are gone. */
  readonly gone: readonly string[];
  /** Null where no bench has a result. */
  readonly together: Together | null;
  /** It may be seen no longer. */
  readonly ended?: boolean;
}

const isList = (value: unknown): value is readonly OverviewRow[] =>
  Array.isArray(value) && value.every((one: Partial<OverviewRow>) => typeof one?.id === "string");

export const overviewMessage = yup
  .object({
    title: yup.string().strict().defined(),
    shown: yup.string<ShownTo>().oneOf(shownTo).required(),
    rows: yup.mixed(isList).required(),
    gone: yup.array(yup.string().strict().defined()).required(),
    together: yup.mixed((value): value is Together => typeof value === "object").defined().nullable(),
    ended: yup.boolean().strict(),
  })
  .required(); // prettier-ignore

/** An overview after what its stream said. */
export function withNews(overview: Overview, news: OverviewMessage): Overview {
  const { criteria } = overview;
  const { title, shown, rows, gone, together } = news;
  const known = new Set([...gone, ...rows.map(({ id }) => id)]);
  const kept = overview.rows.filter(({ id }) => !known.has(id));
  const all = [...kept, ...rows].sort((a, b) => a.number - b.number);
  return { title, shown, rows: all, ...(criteria && { criteria }), ...(together && { together }) };
}

/** What has changed from one overview to the next; undefined where nothing has. */
export function newsBetween(
  before: Overview | undefined,
  now: Overview,
): OverviewMessage | undefined {
  const { title, shown, together = null } = now;
  const known = new Map(before?.rows.map((row) => [row.id, row]));
  const rows = now.rows.filter((row) => known.get(row.id) !== row);
  const there = new Set(now.rows.map(({ id }) => id));
  const gone = [...known.keys()].filter((id) => !there.has(id));
  const same =
    before?.together === now.together && before?.shown === shown && before.title === title;
  if (same && rows.length === 0 && gone.length === 0) return undefined;
  return { title, shown, rows, gone, together };
}
