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
const kinds = [
  ["mass", [1, 0, 0, 0, 0, 0, 0]],
  ["length", [0, 1, 0, 0, 0, 0, 0]],
  ["time", [0, 0, 1, 0, 0, 0, 0]],
  ["electricCurrent", [0, 0, 0, 1, 0, 0, 0]],
  ["temperature", [0, 0, 0, 0, 1, 0, 0]],
  ["amountOfSubstance", [0, 0, 0, 0, 0, 1, 0]],
  ["luminousIntensity", [0, 0, 0, 0, 0, 0, 1]],
  ["area", [0, 2, 0, 0, 0, 0, 0]],
  ["volume", [0, 3, 0, 0, 0, 0, 0]],
  ["wavenumber", [0, -1, 0, 0, 0, 0, 0]],
  ["timeSquared", [0, 0, 2, 0, 0, 0, 0]],
  ["frequencyOrRate", [0, 0, -1, 0, 0, 0, 0]],
  ["speed", [0, 1, -1, 0, 0, 0, 0]],
  ["speedSquared", [0, 2, -2, 0, 0, 0, 0]],
  ["acceleration", [0, 1, -2, 0, 0, 0, 0]],
  ["density", [1, -3, 0, 0, 0, 0, 0]],
  ["massPerLength", [1, -1, 0, 0, 0, 0, 0]],
  ["force", [1, 1, -2, 0, 0, 0, 0]],
  ["stiffnessOrSurfaceTension", [1, 0, -2, 0, 0, 0, 0]],
  ["pressureOrStress", [1, -1, -2, 0, 0, 0, 0]],
  ["energyOrMoment", [1, 2, -2, 0, 0, 0, 0]],
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
  ["magneticFluxDensity", [1, 0, -2, -1, 0, 0, 0]],
  ["magneticFlux", [1, 2, -2, -1, 0, 0, 0]],
  ["electricField", [1, 1, -3, -1, 0, 0, 0]],
  ["heatCapacity", [1, 2, -2, 0, -1, 0, 0]],
  ["specificHeatCapacity", [0, 2, -2, 0, -1, 0, 0]],
  ["specificLatentHeat", [0, 2, -2, 0, 0, 0, 0]],
  ["inverseTemperature", [0, 0, 0, 0, -1, 0, 0]],
  ["concentration", [0, -3, 0, 0, 0, 1, 0]],
  ["reactionRate", [0, -3, -1, 0, 0, 1, 0]],
  ["molarEnergy", [1, 2, -2, 0, 0, -1, 0]],
  ["molarMass", [1, 0, 0, 0, 0, -1, 0]],
  ["molarHeatCapacity", [1, 2, -2, 0, -1, -1, 0]],
] as const satisfies readonly [kind: string, dimension: Dimension][];

/** A kind of quantity that has a usual name. */
export type QuantityKind = (typeof kinds)[number][0];

/** The kind of quantity that a dimension is of, or undefined when it has no usual name. */
export function kindOfQuantity(dimension: Dimension): QuantityKind | undefined {
  return kinds.find(([, known]) => sameDimension(known, dimension))?.[0];
}
