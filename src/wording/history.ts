import { actWords } from "./acts";
import { history } from "./en/history";
import { withFurther, worded } from "./language/worded";

const texts = worded("history", history);

/** What is said of what was done with an investigation, and of a look at an earlier moment. */
export const historyWords = withFurther(texts.historyWords, {
  act: (act: string) => actWords[act] ?? act.replaceAll("-", " "),
  typed: (text: string) => (text === "" ? texts.emptied : text),
});
