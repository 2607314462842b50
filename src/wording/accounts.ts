import type { SchoolFault } from "@/protocol/accounts";
import { accounts } from "./en/accounts";
import { worded } from "./language/worded";

const texts = worded("accounts", accounts);

/** What is said of accounts: one's own, a new one, and what is wrong with what was typed. */
export const schoolFaults: Readonly<Record<SchoolFault, string>> = texts.schoolFaults;

export const accountWords = texts.accountWords;
