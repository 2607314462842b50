import type { ChannelNature } from "./channelNature";
import type { ReadOff } from "./readOff";

/**
 * Events by the second: N/T ± √N/T; for N = 0 the ± is that of one.
 * @param lasting of the stretch in which they were counted, in s, above 0.
 */
export function rateOf(count: number, lasting: number, nature: ChannelNature): ReadOff {
  const value = count / lasting;
  return {
    value,
    random: Math.sqrt(Math.max(1, count)) / lasting,
    common: nature.clock * value,
  };
}
