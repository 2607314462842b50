import { actWords } from "@/wording/acts";
import { stageOfAct } from "./stageOfAct";

test("every act that tells of a stage is one that there is", () => {
  for (const act of stageOfAct.keys()) expect(Object.keys(actWords)).toContain(act);
  expect(stageOfAct.get("type-readings")).toBe("measure");
  expect(stageOfAct.get("describe-block")).toBe("writeup");
  expect(stageOfAct.has("dismiss-mark")).toBe(false);
});
