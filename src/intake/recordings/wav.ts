import { recordingLimits } from "@/protocol/recordings";

/** Sound as a recording: channels of numbers from −1 to 1. */
export interface Sound {
  /** Readings by the second. */
  readonly rate: number;
  readonly channels: readonly Float32Array<ArrayBuffer>[];
  /** One step of what it tells: 2⁻¹⁵ for sixteen bits; 0 for numbers with a point. */
  readonly resolution: number;
}

/** Why a file is no sound that can be read. */
export type SoundFault =
  "not-wav" | "cut-off" | "packed" | "no-readings" | "too-many-channels" | "too-long";

export type SoundOutcome =
  | { readonly kind: "sound"; readonly sound: Sound }
  | { readonly kind: "fault"; readonly fault: SoundFault };

const fault = (named: SoundFault): SoundOutcome => ({ kind: "fault", fault: named });

/** Numbers of the "fmt " chunk: plain whole numbers, numbers with a point, and "see the sub-format". */
const [plain, pointed, extended] = [1, 3, 0xfffe];

interface Format {
  readonly tag: number;
  readonly channels: number;
  readonly rate: number;
  readonly bits: number;
}

const nameAt = (view: DataView, at: number) =>
  String.fromCharCode(...[0, 1, 2, 3].map((i) => view.getUint8(at + i)));

function formatAt(view: DataView, at: number, size: number): Format {
  const tag = view.getUint16(at, true);
  return {
    tag: tag === extended && size >= 26 ? view.getUint16(at + 24, true) : tag,
    channels: view.getUint16(at + 2, true),
    rate: view.getUint32(at + 4, true),
    bits: view.getUint16(at + 14, true),
  };
}

/** Reads one number of a format; eight bits have no sign. */
function readerOf({ tag, bits }: Format): ((view: DataView, at: number) => number) | undefined {
  if (tag === pointed && bits === 32) return (view, at) => view.getFloat32(at, true);
  if (tag === pointed && bits === 64) return (view, at) => view.getFloat64(at, true);
  if (tag !== plain) return undefined;
  switch (bits) {
    case 8:
      return (view, at) => (view.getUint8(at) - 128) / 128;
    case 16:
      return (view, at) => view.getInt16(at, true) / 32_768;
    case 24:
      return (view, at) => ((view.getInt8(at + 2) << 16) | view.getUint16(at, true)) / 8_388_608;
    case 32:
      return (view, at) => view.getInt32(at, true) / 2_147_483_648;
    default:
      return undefined;
  }
}

/** Where the chunks lie that are asked for, by their names; a chunk that reaches beyond the file ends with it. */
function chunksOf(view: DataView): ReadonlyMap<string, { readonly at: number; readonly size: number }> {
  const found = new Map<string, { at: number; size: number }>();
  for (let at = 12; at + 8 <= view.byteLength; ) {
    const size = Math.min(view.getUint32(at + 4, true), view.byteLength - at - 8);
    const name = nameAt(view, at);
    if (!found.has(name)) found.set(name, { at: at + 8, size });
    at += 8 + size + (size % 2);
  }
  return found;
} // prettier-ignore

function soundIn(view: DataView, format: Format, at: number, size: number): SoundOutcome {
  const { channels: count, bits, rate } = format;
  const read = readerOf(format);
  if (!read) return fault("packed");
  if (count > recordingLimits.channels) return fault("too-many-channels");
  const frame = count * (bits / 8);
  const frames = Math.floor(size / frame);
  if (frames === 0 || rate === 0) return fault("no-readings");
  if (frames > recordingLimits.readings) return fault("too-long");
  const channels = Array.from({ length: count }, (_channel, channel) => {
    const values = new Float32Array(frames);
    const first = at + channel * (bits / 8);
    for (let i = 0; i < frames; i++) values[i] = read(view, first + i * frame);
    return values;
  });
  const resolution = format.tag === pointed ? 0 : 2 ** (1 - bits);
  return { kind: "sound", sound: { rate, channels, resolution } };
}

/**
 * Reads a sound file (RIFF WAVE): whole numbers of 8 to 32 bits or numbers with a point, up to four channels.
 * Source: Multimedia Programming Interface and Data Specifications 1.0 (1991); the extended format of 1999.
 */
export function readWav(bytes: ArrayBuffer): SoundOutcome {
  const view = new DataView(bytes);
  if (view.byteLength < 12) return fault("not-wav");
  if (nameAt(view, 0) !== "RIFF" || nameAt(view, 8) !== "WAVE") return fault("not-wav");
  const chunks = chunksOf(view);
  const [format, data] = [chunks.get("fmt "), chunks.get("data")];
  if (!format || format.size < 16 || !data) return fault("cut-off");
  const read = formatAt(view, format.at, format.size);
  if (read.channels === 0) return fault("no-readings");
  return soundIn(view, read, data.at, data.size);
}
