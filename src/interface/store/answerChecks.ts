import { Later } from "../later/Later";

/** What answers of the server are held against: fetched with the first of them, or ahead of it. */
export const savingChecks = new Later(() => import("@/protocol/savingChecks"));

export const remarksChecks = new Later(() => import("@/protocol/remarksChecks"));
