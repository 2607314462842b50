import { proxy, type Remote, transfer, wrap } from "comlink";
import type { Report } from "@/output/report/report";
import type { Reports } from "@/workers/reports";
import { texSentence } from "@/wording/takingOut";
import type { Hand } from "../parts/useTaking";

/** A kind of file that the report can be taken out as. */
export interface Maker {
  readonly kind: "PDF" | "DOCX" | "HTML" | "Markdown" | "TeX";
  readonly ending: string;
  readonly make: (report: Report, hand: Hand) => Promise<Blob>;
  /** Words that it would show with empty boxes. */
  readonly unheld?: (report: Report) => Promise<readonly string[]>;
}

/** A worker with the way to speak to it, which has to be held on to: a way that is let go closes the door behind it. */
interface Opened {
  readonly worker: Worker;
  readonly door: Remote<Reports>;
}

function opened(): Opened {
  const worker = new Worker(new URL("../../workers/reports.worker.ts", import.meta.url), {
    type: "module",
  });
  return { worker, door: wrap<Reports>(worker) };
}

/** What a worker answers, or an error where it can't be loaded or is given up. */
function answerOf<T>({ worker }: Opened, answer: Promise<T>, signal?: AbortSignal): Promise<T> {
  return new Promise<T>((resolve, reject) => {
    const broken = () => reject(new Error("Failed to load the worker that makes files."));
    worker.addEventListener("error", broken);
    signal?.addEventListener("abort", () => reject(new Error("given up")));
    answer.then(resolve, reject);
  });
}

/** Has something done by a worker, which ends with it or when it is given up. */
function away<T>(
  work: (door: Remote<Reports>) => Promise<T>,
  signal?: AbortSignal,
  found = opened(),
): Promise<T> {
  return answerOf(found, work(found.door), signal).finally(() => found.worker.terminate());
}

/** A worker that has laid a report out and waits to be told to make its PDF. */
let waiting: (Opened & { readonly report: Report }) | undefined;

/** The worker that has a report laid out already; undefined where none has. */
function workerWith(report: Report): Opened | undefined {
  const found = waiting;
  waiting = undefined;
  if (found?.report === report) return found;
  found?.worker.terminate();
  return undefined;
}

/** Words that no font holds; the worker that laid the report out for it waits for what comes next. */
async function unheld(report: Report): Promise<readonly string[]> {
  const found = workerWith(report) ?? opened();
  const words = await answerOf(found, found.door.take(report));
  waiting?.worker.terminate();
  waiting = { ...found, report };
  return words;
}

function pdf(report: Report, { onProgress, signal }: Hand): Promise<Blob> {
  const known = workerWith(report);
  const work = async (door: Remote<Reports>) => {
    if (!known) await door.take(report);
    const bytes = await door.pdf(proxy(onProgress));
    return new Blob([bytes], { type: "application/pdf" });
  };
  return away(work, signal, known);
}

/** Drawing the pictures takes most of the time. */
const drawn = 0.8;

/** The pictures of a report, drawn here and packed by the worker. */
async function packedPictures(
  report: Report,
  door: Remote<Reports>,
  { onProgress, signal }: Pick<Hand, "onProgress" | "signal">,
) {
  const [{ picturesOf }, { figureBitmap }] = await Promise.all([
    import("@/output/documents/pictures"),
    import("@/output/figurePng"),
  ]);
  return picturesOf(report, {
    onProgress,
    signal,
    rasterise: async (svg, scene) => {
      const bitmap = await figureBitmap(svg, scene);
      return door.png(transfer(bitmap, [bitmap]));
    },
  });
}

function docx(report: Report, { onProgress, signal }: Hand): Promise<Blob> {
  const type = "application/vnd.openxmlformats-officedocument.wordprocessingml.document";
  return away(async (door) => {
    const hand = { signal, onProgress: (part: number) => onProgress(part * drawn) };
    const pictures = await packedPictures(report, door, hand);
    return new Blob([await door.docx(report, [...pictures])], { type });
  }, signal);
}

async function html(report: Report): Promise<Blob> {
  const { reportHtml } = await import("@/output/documents/reportHtml");
  return new Blob([await reportHtml(report)], { type: "text/html" });
}

async function markdown(report: Report, hand: Hand): Promise<Blob> {
  const { reportMarkdownZip } = await import("@/output/documents/reportMarkdown");
  return away(async (door) => {
    const bytes = reportMarkdownZip(report, await packedPictures(report, door, hand));
    return new Blob([bytes], { type: "application/zip" });
  }, hand.signal);
}

async function tex(report: Report, { say }: Hand): Promise<Blob> {
  const { reportTexFiles, reportTexZip } = await import("@/output/documents/reportTex");
  say(texSentence(Object.values(reportTexFiles(report))));
  return new Blob([await reportTexZip(report)], { type: "application/zip" });
}

/** Every kind of file, the one that is handed in first. */
export const makers: readonly Maker[] = [
  { kind: "PDF", ending: "pdf", make: pdf, unheld },
  { kind: "DOCX", ending: "docx", make: docx },
  { kind: "HTML", ending: "html", make: html },
  { kind: "Markdown", ending: "zip", make: markdown },
  { kind: "TeX", ending: "tex.zip", make: tex },
];
