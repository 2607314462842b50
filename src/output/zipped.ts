import { type AsyncZippable, zip } from "fflate";

/** Files as one ZIP, by their names; a folder is a record of files. */
export function zipped(files: AsyncZippable): Promise<Uint8Array<ArrayBuffer>> {
  return new Promise((resolve, reject) =>
    zip(files, (error, bytes) =>
      error ? reject(error) : resolve(bytes as Uint8Array<ArrayBuffer>),
    ),
  );
}
