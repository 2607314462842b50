import { offline } from "./en/offline";
import { worded } from "./language/worded";

const texts = worded("offline", offline);
/** What is said of what this device holds while the server is away, and of a newer version. */
export const offlineWords = texts.offlineWords;
