import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { reportOf } from "../fixtures/sampleReport";
import { formats, type Format } from "./formats";
import { heldBy, lost } from "./held";
import { hardInvestigation } from "./investigations";
import { isThere } from "./programs";

/** What one file of one investigation lost, or why it does not open. */
export interface Complaint {
  readonly investigation: string;
  readonly format: string;
  readonly said: readonly string[];
}

const possible = (names?: readonly string[]): readonly Format[] =>
  formats.filter(({ name, needs }) => needs.every(isThere) && (names?.includes(name) ?? true));

async function complaintsOf(
  seed: number,
  at: number,
  chosen: readonly Format[],
): Promise<Complaint[]> {
  const hard = hardInvestigation(seed, at);
  const { report } = reportOf(hard.document);
  const held = heldBy(report);
  const folder = mkdtempSync(join(tmpdir(), "corpus-"));
  const found: Complaint[] = [];
  for (const { name, read } of chosen) {
    const complain = (said: readonly string[]) =>
      found.push({ investigation: `${seed}/${at} (${hard.name})`, format: name, said });
    try {
      const reading = await read({ ...hard, report, folder });
      const missing = reading ? lost(held, reading) : [];
      if (missing.length > 0) complain(missing);
    } catch (error) {
      complain([error instanceof Error ? error.message : String(error)]);
    }
  }
  if (found.length === 0 || !process.env.KEEP_CORPUS) rmSync(folder, { recursive: true });
  else console.log(folder);
  return found;
}

/** Writes investigations of a seed in every format whose program is there; what was lost. */
export async function runCorpus(
  seed: number,
  places: readonly number[],
  wanted: {
    readonly names?: readonly string[];
    readonly onDone?: (at: number, found: readonly Complaint[]) => void;
  } = {},
): Promise<{ readonly formats: readonly string[]; readonly complaints: readonly Complaint[] }> {
  const chosen = possible(wanted.names);
  const complaints: Complaint[] = [];
  for (const at of places) {
    const found = await complaintsOf(seed, at, chosen);
    wanted.onDone?.(at, found);
    complaints.push(...found);
  }
  return { formats: chosen.map(({ name }) => name), complaints };
}
