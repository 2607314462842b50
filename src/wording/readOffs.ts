import { plainRunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import type {
  ReadOffEntry,
  Recording,
  RecordingDescription,
} from "@/investigation/model/recording";
import { cellPlace } from "@/investigation/model/row";
import { numberOfRow } from "@/investigation/recordings/destination";
import { isLive } from "@/investigation/recordings/rewriteReadOffs";
import { amountText } from "./recordedNumbers";
import { readingOffWords, readOffName, recordingWords } from "./recordings";

const words = readingOffWords.table;

/** What a recording is called: its name, or its place in their order. */
export function callingOf(recordings: Readonly<Record<string, Recording>>, id: string): string {
  const name = recordings[id]?.name.trim();
  if (name) return name;
  const at = inOrder(recordings).findIndex(([one]) => one === id);
  return recordingWords.proposed({ number: at + 1 });
}

/** "rising crossings of the middle, mean gap" */
export function nameOfReadOff(
  entry: ReadOffEntry,
  how: RecordingDescription,
  rules: HouseRules,
): string {
  const unit = plainRunText(writeUnitText(how.channels[entry.channel]?.unit ?? ""));
  const level = entry.level === null ? "" : `${amountText(entry.level, 4, rules)} ${unit}`.trim();
  return readOffName(how, entry, level);
}

/** Where an entry went: "row 4 of T", and whether the reading there is still its own. */
export function placeOfReadOff(document: Investigation, entry: ReadOffEntry) {
  const { goesTo } = entry;
  const quantity = goesTo && document.quantities[cellPlace(goesTo.cell).quantity];
  const row = goesTo && numberOfRow(document, goesTo.row);
  if (!goesTo || !quantity || !row) return undefined;
  const written = writeSymbol(quantity.symbol);
  const symbol = written.length > 0 ? written : [{ text: quantity.name }];
  const live = isLive(document, entry);
  return { goesTo, quantity, text: live ? words.place(row, symbol) : words.typedOver(row, symbol) };
}
