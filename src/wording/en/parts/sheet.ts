/** What is said on an open investigation before anything is asked for. */
export { acts } from "../acts";
export { bigEntry } from "../bigEntry";
export { changes } from "../changes";
export { curves } from "../curves";
export { filingTexts } from "../filingTexts";
export { gridMenu } from "../gridMenu";
export { history } from "../history";
export { numberFaults } from "../numberFaults";
export { pasting } from "../pasting";
export { removing } from "../removing";
export { spokenActs } from "../spokenActs";
export { spokenReadings } from "../spokenReadings";
export { spokenUnits } from "../spokenUnits";
export { together } from "../together";
