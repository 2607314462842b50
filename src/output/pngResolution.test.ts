import { deflateSync, crc32 } from "node:zlib";
import { fileName } from "./saveFile";
import { withResolution } from "./pngResolution";

function chunk(type: string, data: Buffer): Buffer {
  const body = Buffer.concat([Buffer.from(type), data]);
  const head = Buffer.alloc(4);
  head.writeUInt32BE(data.length);
  const tail = Buffer.alloc(4);
  tail.writeUInt32BE(crc32(body));
  return Buffer.concat([head, body, tail]);
}

test("a PNG says 300 dots per inch, with a valid checksum, before its picture data", () => {
  const header = Buffer.from([0, 0, 0, 1, 0, 0, 0, 1, 8, 0, 0, 0, 0]);
  const png = Buffer.concat([
    Buffer.from([137, 80, 78, 71, 13, 10, 26, 10]),
    chunk("IHDR", header),
    chunk("IDAT", deflateSync(Buffer.from([0, 255]))),
    chunk("IEND", Buffer.alloc(0)),
  ]);
  const pixels = Buffer.alloc(9);
  pixels.writeUInt32BE(11811, 0);
  pixels.writeUInt32BE(11811, 4);
  pixels[8] = 1;
  const whole = Buffer.from(withResolution(png, 300));
  const expected = chunk("pHYs", pixels);
  expect(whole.subarray(33, 33 + expected.length)).toEqual(expected);
  expect(whole.subarray(33 + expected.length)).toEqual(png.subarray(33));
});

test("a file is named after its title", () => {
  expect(fileName("Figure 1. T² against L³", "svg")).toBe("Figure-1-T2-against-L3.svg");
  expect(fileName("///", "png")).toBe("Untitled-investigation.png");
});
