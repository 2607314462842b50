import { readWav, type SoundOutcome } from "./wav";

interface Made {
  readonly tag?: number;
  readonly channels?: number;
  readonly rate?: number;
  readonly bits?: number;
  readonly data: Uint8Array;
  /** A chunk of no concern before the readings. */
  readonly list?: boolean;
}

const word = (text: string) => Buffer.from(text, "latin1");

function whole(size: number, ...values: readonly number[]): Uint8Array {
  const bytes = Buffer.alloc(size * values.length);
  values.forEach((value, i) => bytes.writeIntLE(value, i * size, size));
  return bytes;
}

function wav({ tag = 1, channels = 1, rate = 8000, bits = 16, data, list = false }: Made): ArrayBuffer {
  const format = Buffer.alloc(24);
  format.write("fmt ", "latin1");
  format.writeUInt32LE(16, 4);
  format.writeUInt16LE(tag, 8);
  format.writeUInt16LE(channels, 10);
  format.writeUInt32LE(rate, 12);
  format.writeUInt16LE((channels * bits) / 8, 20);
  format.writeUInt16LE(bits, 22);
  const size = (bytes: number) => Buffer.from(Uint32Array.of(bytes).buffer);
  const other = list ? [word("LIST"), size(3), word("abc"), Buffer.alloc(1)] : [];
  const parts = [word("WAVE"), format, ...other, word("data"), size(data.length), data];
  const length = parts.reduce((sum, part) => sum + part.length, 0);
  return Uint8Array.from(Buffer.concat([word("RIFF"), size(length), ...parts])).buffer;
} // prettier-ignore

const channelsOf = (outcome: SoundOutcome) =>
  outcome.kind === "sound" ? outcome.sound.channels.map((one) => [...one]) : outcome.fault;

test("whole numbers of each size lie from −1 to 1, and say their step", () => {
  const of16 = readWav(wav({ data: whole(2, 0, 16_384, -32_768), list: true }));
  expect(channelsOf(of16)).toEqual([[0, 0.5, -1]]);
  expect(of16).toMatchObject({ sound: { rate: 8000, resolution: 1 / 32_768 } });
  expect(channelsOf(readWav(wav({ bits: 8, data: Uint8Array.of(128, 0, 192) })))).toEqual([[0, -1, 0.5]]); // prettier-ignore
  expect(channelsOf(readWav(wav({ bits: 24, data: whole(3, 4_194_304, -8_388_608, -1) })))).toEqual(
    [[0.5, -1, Math.fround(-1 / 8_388_608)]],
  );
  expect(channelsOf(readWav(wav({ bits: 32, data: whole(4, 1_073_741_824) })))).toEqual([[0.5]]);
});

test("numbers with a point, and channels by turns", () => {
  const data = new Uint8Array(Float32Array.of(0.25, -0.5, 0.75, 1).buffer);
  const both = readWav(wav({ tag: 3, bits: 32, channels: 2, data }));
  expect(channelsOf(both)).toEqual([
    [0.25, 0.75],
    [-0.5, 1],
  ]);
  expect(both).toMatchObject({ sound: { resolution: 0 } });
});

test("what can’t be read says why", () => {
  expect(channelsOf(readWav(new ArrayBuffer(4)))).toBe("not-wav");
  expect(channelsOf(readWav(Uint8Array.from(word("RIFF....AVI LIST")).buffer))).toBe("not-wav");
  expect(channelsOf(readWav(wav({ data: whole(2, 1) }).slice(0, 30)))).toBe("cut-off");
  expect(channelsOf(readWav(wav({ tag: 85, data: whole(2, 1) })))).toBe("packed");
  expect(channelsOf(readWav(wav({ data: new Uint8Array() })))).toBe("no-readings");
  expect(channelsOf(readWav(wav({ channels: 6, data: whole(2, 1, 2, 3, 4, 5, 6) })))).toBe("too-many-channels"); // prettier-ignore
});

test("a file that was cut gives what is there", () => {
  const cut = wav({ data: whole(2, 16_384, 16_384, 16_384) }).slice(0, -2);
  expect(channelsOf(readWav(cut))).toEqual([[0.5, 0.5]]);
});
