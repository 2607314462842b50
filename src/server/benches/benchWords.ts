import { randomInt } from "node:crypto";

const words =
  "acorn amber anchor apple basil beach berry birch brook cabin candle canoe cedar cherry clover coral cotton cricket dahlia daisy dolphin ember feather fiddle finch flint forest garnet ginger granite harvest hazel heron honey iris island ivory jasmine juniper kettle lagoon lantern lemon lilac linen lotus magpie mango maple marble meadow melon nutmeg oasis olive onyx orchid otter oyster paddle parsley pebble pepper pigeon plum poplar poppy puffin quartz rabbit raven river robin saffron salmon sparrow spruce starling sunset thistle timber topaz tulip turtle velvet violet walnut willow winter zephyr".split(
    " ",
  );

/** A word by which others find a bench, none of those that are taken. */
export function freshWord(taken: ReadonlySet<string>): string {
  const free = words.filter((word) => !taken.has(word));
  if (free.length > 0) return free[randomInt(free.length)] as string;
  return `${words[randomInt(words.length)]} ${taken.size}`;
}

/** A word as it was typed, in the form in which words are compared. */
export function wordFrom(text: string): string {
  return text.slice(0, 60).trim().replace(/\s+/g, " ").toLowerCase();
}
