/** Bits of the standard event status register (IEEE 488.2, 11.5.1). */
export const eventBits = {
  operationComplete: 1,
  queryError: 4,
  deviceError: 8,
  executionError: 16,
  commandError: 32,
  powerOn: 128,
} as const;

/** What is told of each error (SCPI-1999, vol. 2, 21.8). */
export const errorTexts = {
  [-102]: "Syntax error",
  [-108]: "Parameter not allowed",
  [-109]: "Missing parameter",
  [-113]: "Undefined header",
  [-120]: "Numeric data error",
  [-200]: "Execution error",
  [-213]: "Init ignored",
  [-222]: "Data out of range",
  [-223]: "Too much data",
  [-224]: "Illegal parameter value",
  [-350]: "Queue overflow",
} as const;

/** The number of an error. */
export type ErrorNumber = keyof typeof errorTexts;

const longestQueue = 20;
const byte = 0xff;

/** Bits of the status byte: errors wait, an enabled event happened, service is asked for. */
const summaryBits = { errors: 4, events: 32, service: 64 } as const;

const bitOf = (number: ErrorNumber): number => {
  if (number <= -300) return eventBits.deviceError;
  return number <= -200 ? eventBits.executionError : eventBits.commandError;
};

/** Registers and error queue of an instrument, as IEEE 488.2 has them. */
export class Status {
  private events: number = eventBits.powerOn;
  private readonly errors: ErrorNumber[] = [];
  eventEnable = 0;
  private serviceMask = 0;

  /** Which bits of the status byte ask for service; bit 6 can't. */
  get serviceEnable(): number {
    return this.serviceMask;
  }

  set serviceEnable(mask: number) {
    this.serviceMask = mask & byte & ~summaryBits.service;
  }

  happened(bit: number): void {
    this.events |= bit;
  }

  /** Puts an error into the queue; where that is full the last one says so. */
  fault(number: ErrorNumber): void {
    this.happened(bitOf(number));
    if (this.errors.length < longestQueue) this.errors.push(number);
    else this.errors[longestQueue - 1] = -350;
  }

  /** The oldest error as it is told, and it is gone; 0 where there is none. */
  takeError(): string {
    const number = this.errors.shift();
    return number === undefined ? '0,"No error"' : `${number},"${errorTexts[number]}"`;
  }

  /** The event register, which reading empties. */
  takeEvents(): number {
    const now = this.events;
    this.events = 0;
    return now;
  }

  clear(): void {
    this.events = 0;
    this.errors.length = 0;
  }

  get byte(): number {
    let now = 0;
    if (this.errors.length > 0) now |= summaryBits.errors;
    if ((this.events & this.eventEnable) !== 0) now |= summaryBits.events;
    return (now & this.serviceMask) !== 0 ? now | summaryBits.service : now;
  }
}
