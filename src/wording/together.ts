import { type StageId, stages } from "./stages";

const list = new Intl.ListFormat("en-GB");
const stageName = (stage: StageId) => stages.find(({ id }) => id === stage)?.label ?? "";

/** What is said of people who work on one sheet at the same time. */
export const togetherWords = {
  here: "Also here",
  where: (name: string, stage: StageId) => {
    const named = stageName(stage);
    return named === "" ? name : `${name}: ${named}`;
  },
  names: (names: readonly string[]) => list.format(names),
  hasInHand: (name: string) => `${name} is here`,
} as const;
