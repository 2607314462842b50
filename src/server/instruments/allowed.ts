/** An instrument that the server may read, and where it is. */
export interface AllowedInstrument {
  readonly name: string;
  readonly host: string;
  readonly port: number;
}

const one = /^\s*([^=;]{1,60}?)\s*=\s*([A-Za-z0-9.-]{1,200}):(\d{1,5})\s*$/;

/** Instruments by name as a server's settings list them: "name=host:port; name=host:port"; undefined for a list that is none. */
export function readInstrumentList(text: string): readonly AllowedInstrument[] | undefined {
  const found: AllowedInstrument[] = [];
  for (const part of text.split(";").filter((piece) => piece.trim() !== "")) {
    const [, name, host, port] = one.exec(part) ?? [];
    const known = found.some((other) => other.name === name);
    if (!name || !host || known || !(Number(port) >= 1 && Number(port) <= 65_535)) return undefined;
    found.push({ name, host, port: Number(port) });
  }
  return found;
}

/** The instruments that this server may read: an address never comes from a browser. */
export function allowedInstruments(): readonly AllowedInstrument[] {
  return readInstrumentList(process.env.FATHOM_RULE_INSTRUMENTS ?? "") ?? [];
}
