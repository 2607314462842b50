/** What is said at the door, and wherever nothing has been asked for yet. */
export { application } from "../application";
export { away } from "../away";
export { keyNames } from "../keyNames";
export { languageWords } from "../languageWords";
export { later } from "../later";
export { signIn } from "../signIn";
export { slopeWord } from "../slopeWord";
