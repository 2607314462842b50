/** A constant of nature. Texts are as published, so that no digit is lost; "" stands for an exact value. */
export interface PhysicalConstant {
  readonly id: string;
  readonly name: string;
  readonly symbol: string;
  readonly value: string;
  readonly uncertainty: string;
  readonly unit: string;
  readonly source: string;
}

const si = "SI, exact";
const codata = "CODATA 2018";

type Entry = readonly [
  id: string,
  name: string,
  symbol: string,
  value: string,
  uncertainty: string,
  unit: string,
];

const exact: readonly Entry[] = [
  ["light", "speed of light in vacuum", "c", "299792458", "", "m s^-1"],
  ["planck", "Planck constant", "h", "6.62607015e-34", "", "J s"],
  ["charge", "elementary charge", "e", "1.602176634e-19", "", "C"],
  ["boltzmann", "Boltzmann constant", "k_B", "1.380649e-23", "", "J K^-1"],
  ["avogadro", "Avogadro constant", "N_A", "6.02214076e23", "", "mol^-1"],
  ["gas", "molar gas constant", "R", "8.31446261815324", "", "J K^-1 mol^-1"],
  ["faraday", "Faraday constant", "F", "96485.33212331", "", "C mol^-1"],
  ["stefan", "Stefan–Boltzmann constant", "sigma", "5.670374419e-8", "", "W m^-2 K^-4"],
  ["wien", "Wien displacement constant", "b", "2.897771955e-3", "", "m K"],
  ["fall", "standard acceleration of free fall", "g_n", "9.80665", "", "m s^-2"],
  ["atmosphere", "standard atmosphere", "p_0", "101325", "", "Pa"],
  ["zero", "zero of the Celsius scale", "T_0", "273.15", "", "K"],
];

// prettier-ignore
const measured: readonly Entry[] = [
  ["gravitation", "Newtonian constant of gravitation", "G", "6.67430e-11", "0.00015e-11", "m^3 kg^-1 s^-2"],
  ["electric", "vacuum electric permittivity", "epsilon_0", "8.8541878128e-12", "0.0000000013e-12", "F m^-1"],
  ["magnetic", "vacuum magnetic permeability", "mu_0", "1.25663706212e-6", "0.00000000019e-6", "N A^-2"],
  ["electron", "electron mass", "m_e", "9.1093837015e-31", "0.0000000028e-31", "kg"],
  ["proton", "proton mass", "m_p", "1.67262192369e-27", "0.00000000051e-27", "kg"],
  ["neutron", "neutron mass", "m_n", "1.67492749804e-27", "0.00000000095e-27", "kg"],
  ["atomic", "atomic mass constant", "m_u", "1.66053906660e-27", "0.00000000050e-27", "kg"],
  ["rydberg", "Rydberg constant", "R_inf", "10973731.568160", "0.000021", "m^-1"],
  ["bohr", "Bohr radius", "a_0", "5.29177210903e-11", "0.00000000080e-11", "m"],
  ["fine", "fine-structure constant", "alpha", "7.2973525693e-3", "0.0000000011e-3", "1"],
  ["magneton", "Bohr magneton", "mu_B", "9.2740100783e-24", "0.0000000028e-24", "J T^-1"],
];

function constant(source: string) {
  return ([id, name, symbol, value, uncertainty, unit]: Entry): PhysicalConstant => ({
    id,
    name,
    symbol,
    value,
    uncertainty,
    unit,
    source,
  });
}

/**
 * Constants that school and university laboratories use. Sources: the SI brochure (9th edition) for the exact ones,
 * which since 2019 include those that follow from the defining constants; CODATA 2018 (Tiesinga et al., Rev. Mod.
 * Phys. 93 (2021) 025010) for the measured ones. The ± are standard uncertainties.
 */
export const physicalConstants: readonly PhysicalConstant[] = [
  ...exact.map(constant(si)),
  ...measured.map(constant(codata)),
];
