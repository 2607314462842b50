/** The seven SI base units in the order of the exponents. */
export const baseUnits = ["kg", "m", "s", "A", "K", "mol", "cd"] as const;

/** Exponents of kg, m, s, A, K, mol, cd. Angles are dimensionless. */
export type Dimension = readonly [number, number, number, number, number, number, number];

export const dimensionless: Dimension = [0, 0, 0, 0, 0, 0, 0];

/** The dimension of a · b^power. */
export function timesPower(a: Dimension, b: Dimension, power: number): Dimension {
  return a.map(
    (exponent, index) => exponent + power * (b[index] as number),
  ) as unknown as Dimension;
}

/** Whether two quantities can be added; exponents such as 0.1 + 0.2 count as 0.3. */
export function sameDimension(a: Dimension, b: Dimension): boolean {
  return a.every((exponent, index) => Math.abs(exponent - (b[index] as number)) < 1e-9);
}

/** What kinds of quantity have a dimension, the commonest in a school laboratory first. */
const kinds: readonly [kind: string, dimension: Dimension][] = [
  ["mass", [1, 0, 0, 0, 0, 0, 0]],
  ["length", [0, 1, 0, 0, 0, 0, 0]],
  ["time", [0, 0, 1, 0, 0, 0, 0]],
  ["electric current", [0, 0, 0, 1, 0, 0, 0]],
  ["temperature", [0, 0, 0, 0, 1, 0, 0]],
  ["amount of substance", [0, 0, 0, 0, 0, 1, 0]],
  ["luminous intensity", [0, 0, 0, 0, 0, 0, 1]],
  ["area", [0, 2, 0, 0, 0, 0, 0]],
  ["volume", [0, 3, 0, 0, 0, 0, 0]],
  ["wavenumber", [0, -1, 0, 0, 0, 0, 0]],
  ["time squared", [0, 0, 2, 0, 0, 0, 0]],
  ["frequency or rate", [0, 0, -1, 0, 0, 0, 0]],
  ["speed", [0, 1, -1, 0, 0, 0, 0]],
  ["speed squared", [0, 2, -2, 0, 0, 0, 0]],
  ["acceleration", [0, 1, -2, 0, 0, 0, 0]],
  ["density", [1, -3, 0, 0, 0, 0, 0]],
  ["mass per length", [1, -1, 0, 0, 0, 0, 0]],
  ["force", [1, 1, -2, 0, 0, 0, 0]],
  ["stiffness or surface tension", [1, 0, -2, 0, 0, 0, 0]],
  ["pressure or stress", [1, -1, -2, 0, 0, 0, 0]],
  ["energy or moment", [1, 2, -2, 0, 0, 0, 0]],
  ["power", [1, 2, -3, 0, 0, 0, 0]],
  ["momentum", [1, 1, -1, 0, 0, 0, 0]],
  ["viscosity", [1, -1, -1, 0, 0, 0, 0]],
  ["charge", [0, 0, 1, 1, 0, 0, 0]],
  ["voltage", [1, 2, -3, -1, 0, 0, 0]],
  ["resistance", [1, 2, -3, -2, 0, 0, 0]],
  ["resistivity", [1, 3, -3, -2, 0, 0, 0]],
  ["conductance", [-1, -2, 3, 2, 0, 0, 0]],
  ["capacitance", [-1, -2, 4, 2, 0, 0, 0]],
  ["inductance", [1, 2, -2, -2, 0, 0, 0]],
  ["magnetic flux density", [1, 0, -2, -1, 0, 0, 0]],
  ["magnetic flux", [1, 2, -2, -1, 0, 0, 0]],
  ["electric field", [1, 1, -3, -1, 0, 0, 0]],
  ["heat capacity", [1, 2, -2, 0, -1, 0, 0]],
  ["specific heat capacity", [0, 2, -2, 0, -1, 0, 0]],
  ["specific latent heat", [0, 2, -2, 0, 0, 0, 0]],
  ["inverse temperature", [0, 0, 0, 0, -1, 0, 0]],
  ["concentration", [0, -3, 0, 0, 0, 1, 0]],
  ["reaction rate", [0, -3, -1, 0, 0, 1, 0]],
  ["molar energy", [1, 2, -2, 0, 0, -1, 0]],
  ["molar mass", [1, 0, 0, 0, 0, -1, 0]],
  ["molar heat capacity", [1, 2, -2, 0, -1, -1, 0]],
];

/** The kind of quantity that a dimension is of, or undefined when it has no usual name. */
export function kindOfQuantity(dimension: Dimension): string | undefined {
  return kinds.find(([, known]) => sameDimension(known, dimension))?.[0];
}
