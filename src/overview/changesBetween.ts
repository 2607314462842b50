import { reasonText } from "@/wording/settingAside";
import { headingOf } from "@/wording/writingUp";
import type { WriteUpBlock } from "@/investigation/model/writeUp";
import { diffWordsWithSpace } from "diff";
import { plainRunText } from "@/core/unit/runText";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import type { RichInline, RichText } from "@/investigation/model/richText";
import { reasonSetAside } from "@/investigation/model/row";
import { benchSummary } from "./benchSummary";
import type { BenchSummary, Stated } from "./glance";

/** A reading that is another than it was; "" where there was none, or is none. */
export interface ChangedReading {
  /** "cell:ROW/CELL" */
  readonly place: string;
  readonly before: string;
  readonly after: string;
}

/** A stretch of a text: as it was, new, or gone. */
export interface TextPart {
  readonly kind: "same" | "new" | "gone";
  readonly text: string;
}

/** A text that is another than it was. */
export interface ChangedText {
  readonly block: string;
  readonly heading: string;
  readonly parts: readonly TextPart[];
}

/** A statement before and after; undefined where there was none, or is none. */
export interface BeforeAndAfter {
  readonly before: string | undefined;
  readonly after: string | undefined;
}

/** What a bench changed from one handing in to the next. */
export interface SheetChanges {
  readonly readings: readonly ChangedReading[];
  readonly slope: BeforeAndAfter;
  readonly result: BeforeAndAfter;
  readonly texts: readonly ChangedText[];
}

/** The readings of a sheet by their places; what is set aside says so. */
function readingsOf({ rows }: Investigation): Map<string, string> {
  const found = new Map<string, string>();
  for (const [id, row] of inOrder(rows)) {
    for (const [cell, text] of Object.entries(row.readings)) {
      if (text.trim() === "") continue;
      const aside = reasonSetAside(row, cell);
      found.set(
        `cell:${id}/${cell}`,
        aside === undefined ? text : `${text} (set aside: ${reasonText(aside)})`,
      );
    }
  }
  return found;
}

function changedReadings(before: Investigation, after: Investigation): ChangedReading[] {
  const [was, is] = [readingsOf(before), readingsOf(after)];
  const places = new Set([...is.keys(), ...was.keys()]);
  return [...places].flatMap((place) => {
    const [old, now] = [was.get(place) ?? "", is.get(place) ?? ""];
    return old === now ? [] : [{ place, before: old, after: now }];
  });
}

function inlineText(inline: RichInline): string {
  if (inline.kind === "text" || inline.kind === "formula") return inline.text;
  return inline.kind === "value" ? "[value]" : "[reference]";
}

const plainText = (text: RichText): string =>
  text.map(({ inlines }) => inlines.map(inlineText).join("")).join("\n");

function changedTexts(before: Investigation, after: Investigation): ChangedText[] {
  const [was, is] = [before.writeUp.blocks, after.writeUp.blocks];
  const ids = [...inOrder(is), ...inOrder(was).filter(([id]) => !is[id])].map(([id]) => id);
  return ids.flatMap((block) => {
    const [old, now] = [plainText(was[block]?.text ?? []), plainText(is[block]?.text ?? [])];
    if (old === now) return [];
    const parts = diffWordsWithSpace(old, now).map(({ value: text, added, removed }): TextPart => {
      return { text, kind: added ? "new" : removed ? "gone" : "same" };
    });
    return [{ block, heading: headed(is[block] ?? was[block]), parts }];
  });
}

const headed = (block: WriteUpBlock | undefined) => (block ? headingOf(block) : "");

const written = (stated: Stated | undefined): string | undefined =>
  stated && `${plainRunText(stated.number)}\u00a0${plainRunText(stated.unit)}`.trim();

const both = (
  before: BenchSummary,
  after: BenchSummary,
  of: "slope" | "result",
): BeforeAndAfter => ({ before: written(before[of]), after: written(after[of]) });

/** What a sheet holds otherwise than it did: readings, slope, result and texts. */
export function changesBetween(before: Investigation, after: Investigation): SheetChanges {
  const [was, is] = [benchSummary(before), benchSummary(after)];
  return {
    readings: changedReadings(before, after),
    slope: both(was, is, "slope"),
    result: both(was, is, "result"),
    texts: changedTexts(before, after),
  };
}
