import * as yup from "yup";
import { ofKind } from "./ofKind";
import type { RecordingDescription } from "./recordings";

/** A bench instrument that this server may read; its address stays with the server. */
export interface InstrumentEntry {
  readonly name: string;
  /** Whether another investigation has it in hand. */
  readonly inUse: boolean;
}

/** Something that can be set on a simulated apparatus. */
export interface ApparatusSetting {
  readonly key: string;
  readonly name: string;
  readonly unit: string;
  readonly least: number;
  readonly greatest: number;
  readonly value: number;
}

/** An instrument as it says itself. */
export interface DescribedInstrument extends RecordingDescription {
  /** Who made it, which one it is: the answer to *IDN?. */
  readonly identity: string;
  /** Whether it keeps what it records until that is fetched, or is asked for each reading. */
  readonly keeps: boolean;
  readonly settings: readonly ApparatusSetting[];
}

/** Why a recording ended. */
export type WhyEnded = "stopped" | "line-lost" | "begun-anew" | "rubbish" | "in-use" | "not-there";

/** What a browser hears of a recording as it goes. */
export type RecordingNews =
  | { readonly kind: "begun"; readonly description: DescribedInstrument }
  /** Readings from a number on, one list a channel; null for a lost one. */
  | { readonly kind: "piece"; readonly first: number; readonly values: readonly (readonly (number | null)[])[] }
  /** The line broke; it is tried again. */
  | { readonly kind: "broken" }
  | { readonly kind: "back" }
  /** The step from one reading to the next, in s, and the limit of what it is off by as a part, as all that came says. */
  | { readonly kind: "pace"; readonly step: number; readonly clock: number }
  /** So many answers could not be read. */
  | { readonly kind: "rubbish"; readonly count: number }
  | { readonly kind: "ended"; readonly why: WhyEnded }; // prettier-ignore

/** What can be asked of an instrument beside its recording. */
export type InstrumentRequest =
  | { readonly kind: "describe" }
  | { readonly kind: "stop" }
  | { readonly kind: "zero" }
  | { readonly kind: "release" }
  | { readonly kind: "single" }
  | { readonly kind: "rate"; readonly perSecond: number }
  | { readonly kind: "set"; readonly key: string; readonly value: number };

/** What it answered. */
export type InstrumentReply =
  | { readonly kind: "done" }
  | { readonly kind: "described"; readonly description: DescribedInstrument }
  /** One value a channel; null for one that it could not tell. */
  | { readonly kind: "single"; readonly values: readonly (number | null)[] }
  | { readonly kind: "refused"; readonly said: string }
  | { readonly kind: "ended"; readonly why: WhyEnded };

const shapes = {
  describe: yup.object({}),
  stop: yup.object({}),
  zero: yup.object({}),
  release: yup.object({}),
  single: yup.object({}),
  rate: yup.object({ perSecond: yup.number().strict().moreThan(0).max(1e6).required() }),
  set: yup.object({
    key: yup
      .string()
      .strict()
      .matches(/^[A-Z]{1,20}$/)
      .required(),
    value: yup.number().strict().required(),
  }),
} as const;

const readRequest = ofKind<InstrumentRequest>(shapes);

const named = yup.object({ name: yup.string().strict().max(60).required() });

/** What is asked, and of which instrument. */
export interface NamedRequest {
  readonly name: string;
  readonly request: InstrumentRequest;
}

/** A request as a browser sends it. @throws ValidationError */
export function readInstrumentRequest(sent: unknown): NamedRequest {
  const { name } = named.validateSync(sent);
  return { name, request: readRequest((sent as { request?: unknown }).request) };
}
