import type { ReadOff } from "@/core/recording/readOff";
import { natureOf } from "@/pipeline/recordings/happened";
import type { Investigation } from "@/investigation/model/investigation";
import { cellPlace } from "@/investigation/model/row";
import { readingText } from "@/investigation/recordings/readingText";
import type { DescribedInstrument } from "@/protocol/instruments";
import { presentWords } from "@/wording/instruments";
import type { RecordingsDesk } from "./RecordingsDesk";

/**
 * A single reading with its ±: u² = σ² + q²/12, and what zero and scale are off by alike.
 * Source: GUM F.2.2.1.
 */
function singleValue(described: DescribedInstrument, channel: number, value: number): ReadOff {
  const { noise = 0, resolution, zero, scale } = natureOf(described, channel);
  return {
    value,
    random: Math.hypot(noise, resolution / Math.sqrt(12)),
    common: zero + scale * Math.abs(value),
  };
}

/** The present value of the instrument in hand as the text of a cell; or a sentence why there is none. */
export async function presentText(
  desk: RecordingsDesk,
  { quantities, houseRules }: Investigation,
  cell: string,
): Promise<{ readonly text: string; readonly unit: string } | { readonly problem: string }> {
  const { instrument, described } = desk.state.getState();
  const quantity = quantities[cellPlace(cell).quantity];
  if (!instrument || !described || !quantity) return { problem: presentWords.lost };
  if (quantity.formula !== undefined) return { problem: presentWords.closed };
  const reply = await desk.single();
  if (!reply) return { problem: desk.state.getState().said ?? presentWords.lost };
  for (const [at, { unit }] of described.channels.entries()) {
    const value = reply[at];
    if (value === null || value === undefined) continue;
    const wanted = quantity.unit.trim() === "" ? unit : quantity.unit;
    const text = readingText({ ...singleValue(described, at, value), unit }, wanted, houseRules);
    if (text !== undefined) return { text, unit: wanted };
  }
  const told = reply.some((value) => value !== null);
  return {
    problem: told
      ? presentWords.unlike({ instrument, symbol: quantity.symbol })
      : presentWords.lost,
  };
}
