import { spokenUnits as english } from "./en/spokenUnits";
import { worded } from "./language/worded";
import { plainRunText } from "@/core/unit/runText";
import { readUnit, type UnitFactor, writeUnitText } from "@/core/unit/unitText";

const texts = worded("spokenUnits", english);

const lengths: ReadonlySet<string> = new Set(["m", "mm", "cm", "km", "µm", "nm"]);

function powered(name: string, power: number, isLength: boolean): string {
  const { powers } = texts;
  if (power === 1) return name;
  if (power === 2) return isLength ? powers.square({ name }) : powers.squared({ name });
  if (power === 3) return isLength ? powers.cubic({ name }) : powers.cubed({ name });
  return powers.power({ name, power });
}

function spokenFactor({ symbol, exponent }: UnitFactor, many: boolean): string | undefined {
  const names = symbol in texts.units ? texts.units[symbol as keyof typeof texts.units] : undefined;
  if (!names) return undefined;
  return powered(many ? names.many : names.one, Math.abs(exponent), lengths.has(symbol));
}

/** A unit as a screen reader says it: "m/s^2" is "metres per second squared"; what has no spoken name is spelled. */
export function spokenUnit(text: string): string {
  const spelled = plainRunText(writeUnitText(text));
  const factors = readUnit(text);
  if (!factors) return spelled;
  const above = factors.filter(({ exponent }) => exponent > 0);
  const below = factors.filter(({ exponent }) => exponent < 0);
  const words = above.map((factor, index) => spokenFactor(factor, index === above.length - 1));
  const under = below.map((factor) => spokenFactor(factor, false));
  if (words.includes(undefined) || under.includes(undefined)) return spelled;
  return [words.join(" "), ...under.map((word) => texts.per({ name: word as string }))]
    .filter(Boolean)
    .join(" ");
}
