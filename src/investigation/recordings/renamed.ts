import type { Investigation } from "../model/investigation";

/** An investigation whose recordings stand under other ids, as a copy's do; those without a new one are left out. */
export function withRecordingsUnder(
  document: Investigation,
  ids: ReadonlyMap<string, string>,
): Investigation {
  const recordings = Object.entries(document.recordings).flatMap(([id, recording]) => {
    const other = ids.get(id);
    return other === undefined ? [] : [[other, recording] as const];
  });
  const readOffs = Object.entries(document.readOffs).flatMap(([id, entry]) => {
    const recording = ids.get(entry.recording);
    return recording === undefined ? [] : [[id, { ...entry, recording }] as const];
  });
  return {
    ...document,
    recordings: Object.fromEntries(recordings),
    readOffs: Object.fromEntries(readOffs),
  };
}
