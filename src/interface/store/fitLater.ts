import { Later } from "../later/Later";

/** What fits lines and orders curves, fetched where something is drawn or a figure has a curve. */
export const fitLater = new Later(() => import("./fitTools"));
