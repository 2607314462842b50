import type { Translation } from "../language/texts";
import type { natureTexts as english } from "../en/natureTexts";

export const natureTexts = {
  exact: "SI, exakt",
  light: "Lichtgeschwindigkeit im Vakuum",
  planck: "Planck-Konstante",
  charge: "Elementarladung",
  boltzmann: "Boltzmann-Konstante",
  avogadro: "Avogadro-Konstante",
  gas: "universelle Gaskonstante",
  faraday: "Faraday-Konstante",
  stefan: "Stefan-Boltzmann-Konstante",
  wien: "Wiensche Verschiebungskonstante",
  fall: "Normfallbeschleunigung",
  atmosphere: "Normdruck",
  zero: "Nullpunkt der Celsius-Skala",
  gravitation: "Gravitationskonstante",
  electric: "elektrische Feldkonstante",
  magnetic: "magnetische Feldkonstante",
  electron: "Masse des Elektrons",
  proton: "Masse des Protons",
  neutron: "Masse des Neutrons",
  atomic: "atomare Masseneinheit",
  rydberg: "Rydberg-Konstante",
  bohr: "Bohrscher Radius",
  fine: "Feinstrukturkonstante",
  magneton: "Bohrsches Magneton",
} satisfies Translation<typeof english>;
