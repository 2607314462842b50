import { signIn } from "./en/signIn";
import { worded } from "./language/worded";

const texts = worded("signIn", signIn);
/** What is said at the door where one signs in. */
export const signInWords = texts.signInWords;
