/**
 * What a worker thread of the server does: one sheet at a glance. On Linux a thread has a priority of its own: what is typed
 * goes before what others see of it at a glance.
 */
import { constants, setPriority } from "node:os";

try {
  setPriority(0, constants.priority.PRIORITY_LOW);
} catch {
  // Where a priority can't be set all are alike.
}

export { summaryOfStored as default } from "@/overview/summaryOfStored";
