/** A constant of nature. Texts are as published, so that no digit is lost; "" stands for an exact value. */
export interface PhysicalConstant {
  /** By which it is named (natureTexts). */
  readonly id: string;
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
  symbol: string,
  value: string,
  uncertainty: string,
  unit: string,
];

const exact: readonly Entry[] = [
  ["light", "c", "299792458", "", "m s^-1"],
  ["planck", "h", "6.62607015e-34", "", "J s"],
  ["charge", "e", "1.602176634e-19", "", "C"],
  ["boltzmann", "k_B", "1.380649e-23", "", "J K^-1"],
  ["avogadro", "N_A", "6.02214076e23", "", "mol^-1"],
  ["gas", "R", "8.31446261815324", "", "J K^-1 mol^-1"],
  ["faraday", "F", "96485.33212331", "", "C mol^-1"],
  ["stefan", "sigma", "5.670374419e-8", "", "W m^-2 K^-4"],
  ["wien", "b", "2.897771955e-3", "", "m K"],
  ["fall", "g_n", "9.80665", "", "m s^-2"],
  ["atmosphere", "p_0", "101325", "", "Pa"],
  ["zero", "T_0", "273.15", "", "K"],
];

// prettier-ignore
const measured: readonly Entry[] = [
  ["gravitation", "G", "6.67430e-11", "0.00015e-11", "m^3 kg^-1 s^-2"],
  ["electric", "epsilon_0", "8.8541878128e-12", "0.0000000013e-12", "F m^-1"],
  ["magnetic", "mu_0", "1.25663706212e-6", "0.00000000019e-6", "N A^-2"],
  ["electron", "m_e", "9.1093837015e-31", "0.0000000028e-31", "kg"],
  ["proton", "m_p", "1.67262192369e-27", "0.00000000051e-27", "kg"],
  ["neutron", "m_n", "1.67492749804e-27", "0.00000000095e-27", "kg"],
  ["atomic", "m_u", "1.66053906660e-27", "0.00000000050e-27", "kg"],
  ["rydberg", "R_inf", "10973731.568160", "0.000021", "m^-1"],
  ["bohr", "a_0", "5.29177210903e-11", "0.00000000080e-11", "m"],
  ["fine", "alpha", "7.2973525693e-3", "0.0000000011e-3", "1"],
  ["magneton", "mu_B", "9.2740100783e-24", "0.0000000028e-24", "J T^-1"],
];

function constant(source: string) {
  return ([id, symbol, value, uncertainty, unit]: Entry): PhysicalConstant => ({
    id,
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
