"use client";

import { useState } from "react";
import type { Cells } from "@/intake/cellKinds";
import type { Delimiter } from "@/intake/cells";
import type { Encoding } from "@/intake/decodeText";
import type { Sheet } from "@/intake/workbook";
import { fileFormat } from "@/output/investigationJson";
import { fileRefusals, tooLarge } from "@/wording/filing";
import { readAway } from "./filesWorker";

/** A text file with how it was taken apart, or a workbook with its sheets. */
export type OpenedFile =
  | {
      readonly kind: "text";
      readonly name: string;
      readonly bytes: Uint8Array;
      readonly cells: Cells;
      readonly encoding: Encoding;
      readonly delimiter: Delimiter;
    }
  | { readonly kind: "workbook"; readonly name: string; readonly sheets: readonly Sheet[] };

export type Opening =
  | { readonly kind: "none" }
  | { readonly kind: "reading"; readonly name: string }
  | { readonly kind: "problem"; readonly sentence: string }
  | { readonly kind: "opened"; readonly file: OpenedFile };

const mostBytes = { text: 20 * 1_048_576, workbook: 10 * 1_048_576 };

function isZip(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4b;
}

async function openWorkbook(name: string, bytes: Uint8Array): Promise<Opening> {
  const buffer = bytes.slice().buffer;
  const read = await readAway("readWorkbook", buffer);
  if (read.kind !== "workbook")
    return { kind: "problem", sentence: fileRefusals[read.kind]({ name }) };
  const sheets = read.sheets.filter(({ cells }) => cells.some((row) => row.some(Boolean)));
  if (sheets.length === 0) return { kind: "problem", sentence: fileRefusals.noSheet({ name }) };
  return { kind: "opened", file: { kind: "workbook", name, sheets } };
}

async function openText(
  name: string,
  bytes: Uint8Array,
  encoding?: Encoding,
  delimiter?: Delimiter,
): Promise<Opening> {
  const read = await readAway("readText", bytes, encoding, delimiter);
  if (read.kind === "binary") return { kind: "problem", sentence: fileRefusals.binary({ name }) };
  if (read.cells.length === 0) return { kind: "problem", sentence: fileRefusals.empty({ name }) };
  if (read.cells.slice(0, 5).some((row) => row.join(",").includes(fileFormat))) {
    return { kind: "problem", sentence: fileRefusals.investigation({ name }) };
  }
  return { kind: "opened", file: { ...read, name, bytes } };
}

async function open(file: File): Promise<Opening> {
  const { name, size } = file;
  if (size === 0) return { kind: "problem", sentence: fileRefusals.empty({ name }) };
  const most = /\.xlsx$/i.test(name) ? mostBytes.workbook : mostBytes.text;
  if (size > most) return { kind: "problem", sentence: tooLarge(name, size, most) };
  const bytes = new Uint8Array(await file.arrayBuffer());
  return isZip(bytes) ? openWorkbook(name, bytes) : openText(name, bytes);
}

/** A file that is being looked at, before any of it is brought in. */
export function useOpenedFile() {
  const [opening, setOpening] = useState<Opening>({ kind: "none" });
  const failed = (name: string) => () =>
    setOpening({ kind: "problem", sentence: fileRefusals.unreadable({ name }) });
  return {
    opening,
    choose: (file: File) => {
      setOpening({ kind: "reading", name: file.name });
      open(file).then(setOpening, failed(file.name));
    },
    /** Takes the text apart anew. */
    again: (
      file: Extract<OpenedFile, { kind: "text" }>,
      encoding: Encoding,
      delimiter?: Delimiter,
    ) => {
      openText(file.name, file.bytes, encoding, delimiter).then(setOpening, failed(file.name));
    },
    close: () => setOpening({ kind: "none" }),
  };
}
