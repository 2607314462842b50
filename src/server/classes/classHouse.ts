import { readySets } from "@/investigation/model/houseRules";
import type { ClassHouse } from "@/protocol/classes";

/** What a class begins with. */
export const plainHouse: ClassHouse = {
  houseRules: { ...readySets["limits-worst-case"] },
  ownLook: null,
};

/** What is kept of a class, or what it begins with; rules that were kept before there were some of today's are made whole. */
export const wholeHouse = (kept: ClassHouse | null): ClassHouse =>
  kept
    ? { ...plainHouse, ...kept, houseRules: { ...plainHouse.houseRules, ...kept.houseRules } }
    : plainHouse;
