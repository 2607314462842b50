let arriving = false;

/** Whether a stage is on its way, whose heading will have the focus. */
export const isArriving = (): boolean => arriving;

export function setArriving(now: boolean): void {
  arriving = now;
}
