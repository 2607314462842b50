import { isDatabaseAway } from "../database/connection";
import { log } from "../log/log";
import { sweep } from "./sweep";

const hourly = 3_600_000;

function sweepOnce(): void {
  sweep().catch((error: unknown) => {
    if (!isDatabaseAway(error)) log.error({ error }, "sweeping failed");
  });
}

/** Sweeps once an hour; that several processes do it at once does no harm. */
export function sweepNowAndThen(): void {
  sweepOnce();
  setInterval(sweepOnce, hourly).unref();
}
