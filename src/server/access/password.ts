import { randomBytes, scrypt, timingSafeEqual } from "node:crypto";
import { promisify } from "node:util";

const derive = promisify(scrypt) as (
  password: string,
  salt: Buffer,
  length: number,
  options: { N: number; r: number; p: number; maxmem: number },
) => Promise<Buffer>;

/** OWASP's scrypt setting: N = 2¹⁷, r = 8, p = 1. */
const cost = { N: 2 ** 17, r: 8, p: 1, maxmem: 256 * 1024 * 1024 };

/** A salted scrypt hash of a password, as "salt:hash" in hexadecimal. */
export async function hashPassword(password: string): Promise<string> {
  const salt = randomBytes(16);
  const hash = await derive(password.normalize("NFKC"), salt, 32, cost);
  return `${salt.toString("hex")}:${hash.toString("hex")}`;
}

/** Whether a password belongs to a stored hash, in constant time. */
export async function passwordMatches(password: string, stored: string): Promise<boolean> {
  const [salt = "", hash = ""] = stored.split(":");
  const expected = Buffer.from(hash, "hex");
  const given = await derive(password.normalize("NFKC"), Buffer.from(salt, "hex"), 32, cost);
  return expected.length === given.length && timingSafeEqual(expected, given);
}
