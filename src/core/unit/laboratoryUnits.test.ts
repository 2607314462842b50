import { convert, understandUnit } from "./understandUnit";
import { kindName } from "@/wording/quantityKinds";
import { kindOfQuantity } from "./dimension";

function known(text: string) {
  const read = understandUnit(text);
  if (read.kind !== "unit") throw new Error(`${text} is not understood`);
  return read.unit;
}

describe("what stands on a bench", () => {
  test.each<[string, number, string | undefined]>([
    ["m", 1, "length"],
    ["km", 1e3, "length"],
    ["cm", 1e-2, "length"],
    ["mm", 1e-3, "length"],
    ["µm", 1e-6, "length"],
    ["um", 1e-6, "length"],
    ["nm", 1e-9, "length"],
    ["pm", 1e-12, "length"],
    ["Å", 1e-10, "length"],
    ["s", 1, "time"],
    ["ms", 1e-3, "time"],
    ["us", 1e-6, "time"],
    ["min", 60, "time"],
    ["h", 3600, "time"],
    ["d", 86_400, "time"],
    ["kg", 1, "mass"],
    ["g", 1e-3, "mass"],
    ["mg", 1e-6, "mass"],
    ["µg", 1e-9, "mass"],
    ["t", 1e3, "mass"],
    ["u", 1.6605390666e-27, "mass"],
    ["A", 1, "electric current"],
    ["mA", 1e-3, "electric current"],
    ["µA", 1e-6, "electric current"],
    ["K", 1, "temperature"],
    ["mol", 1, "amount of substance"],
    ["mmol", 1e-3, "amount of substance"],
    ["m^2", 1, "area"],
    ["cm^2", 1e-4, "area"],
    ["mm²", 1e-6, "area"],
    ["m^3", 1, "volume"],
    ["cm³", 1e-6, "volume"],
    ["L", 1e-3, "volume"],
    ["mL", 1e-6, "volume"],
    ["ml", 1e-6, "volume"],
    ["dm^3", 1e-3, "volume"],
    ["m/s", 1, "speed"],
    ["km/h", 1 / 3.6, "speed"],
    ["cm s⁻¹", 1e-2, "speed"],
    ["m/s^2", 1, "acceleration"],
    ["m s^-2", 1, "acceleration"],
    ["Hz", 1, "frequency or rate"],
    ["kHz", 1e3, "frequency or rate"],
    ["MHz", 1e6, "frequency or rate"],
    ["s^-1", 1, "frequency or rate"],
    ["N", 1, "force"],
    ["mN", 1e-3, "force"],
    ["kN", 1e3, "force"],
    ["kg m s^-2", 1, "force"],
    ["N/m", 1, "stiffness or surface tension"],
    ["N m", 1, "energy or moment"],
    ["Pa", 1, "pressure or stress"],
    ["kPa", 1e3, "pressure or stress"],
    ["GPa", 1e9, "pressure or stress"],
    ["N mm^-2", 1e6, "pressure or stress"],
    ["bar", 1e5, "pressure or stress"],
    ["mbar", 1e2, "pressure or stress"],
    ["atm", 101_325, "pressure or stress"],
    ["mmHg", 133.322387415, "pressure or stress"],
    ["J", 1, "energy or moment"],
    ["kJ", 1e3, "energy or moment"],
    ["cal", 4.184, "energy or moment"],
    ["eV", 1.602176634e-19, "energy or moment"],
    ["MeV", 1.602176634e-13, "energy or moment"],
    ["W", 1, "power"],
    ["mW", 1e-3, "power"],
    ["kW h", 3.6e6, "energy or moment"],
    ["V", 1, "voltage"],
    ["mV", 1e-3, "voltage"],
    ["J/C", 1, "voltage"],
    ["Ω", 1, "resistance"],
    ["ohm", 1, "resistance"],
    ["kΩ", 1e3, "resistance"],
    ["MΩ", 1e6, "resistance"],
    ["V/A", 1, "resistance"],
    ["Ω m", 1, "resistivity"],
    ["S", 1, "conductance"],
    ["mS", 1e-3, "conductance"],
    ["µS", 1e-6, "conductance"],
    ["C", 1, "charge"],
    ["A s", 1, "charge"],
    ["mA h", 3.6, "charge"],
    ["F", 1, "capacitance"],
    ["µF", 1e-6, "capacitance"],
    ["nF", 1e-9, "capacitance"],
    ["H", 1, "inductance"],
    ["mH", 1e-3, "inductance"],
    ["T", 1, "magnetic flux density"],
    ["mT", 1e-3, "magnetic flux density"],
    ["Wb", 1, "magnetic flux"],
    ["V/m", 1, "electric field"],
    ["kg m^-3", 1, "density"],
    ["g/cm^3", 1e3, "density"],
    ["g cm⁻³", 1e3, "density"],
    ["kg/m", 1, "mass per length"],
    ["kg m s^-1", 1, "momentum"],
    ["Pa s", 1, "viscosity"],
    ["J/(kg K)", 1, "specific heat capacity"],
    ["J g^-1 K^-1", 1e3, "specific heat capacity"],
    ["J/kg", 1, "speed squared"],
    ["mol/L", 1e3, "concentration"],
    ["mol dm⁻³", 1e3, "concentration"],
    ["mmol/L", 1, "concentration"],
    ["mol L^-1 s^-1", 1e3, "reaction rate"],
    ["kJ/mol", 1e3, "molar energy"],
    ["J mol^-1 K^-1", 1, "molar heat capacity"],
    ["g/mol", 1e-3, "molar mass"],
    ["1/K", 1, "inverse temperature"],
    ["1/m", 1, "wavenumber"],
    ["cm^-1", 1e2, "wavenumber"],
    ["s^2", 1, "time squared"],
    ["%", 1e-2, undefined],
    ["deg", Math.PI / 180, undefined],
    ["rad", 1, undefined],
    ["1", 1, undefined],
    ["", 1, undefined],
  ])("%s is %d in SI units, a %s", (text, factor, kind) => {
    const unit = known(text);
    expect(unit.factor / factor).toBeCloseTo(1, 12);
    expect(kindName[kindOfQuantity(unit.dimension)!]).toBe(kind);
  });

  test.each([
    [20, "°C", "K", 293.15],
    [293.15, "K", "°C", 20],
    [212, "°F", "°C", 100],
    [90, "km/h", "m/s", 25],
    [1, "atm", "mmHg", 759.99989172],
    [5, "cm^2", "mm^2", 500],
    [250, "mL", "L", 0.25],
    [1, "kW h", "MJ", 3.6],
    [30, "deg", "rad", Math.PI / 6],
    [1, "eV", "aJ", 0.1602176634],
  ])("%d %s is %s %d", (value, from, to, expected) => {
    expect(convert(value, known(from), known(to))).toBeCloseTo(expected, 6);
  });

  test.each([
    ["m", "s"],
    ["N", "J"],
    ["K", "m"],
  ])("%s is not converted to %s", (from, to) => {
    expect(convert(1, known(from), known(to))).toBeUndefined();
  });

  test.each(["metr", "kgg", "Ohm/", "m^", "mmin", "kmin", "5 m", "m//s", "§"])(
    "%s is not taken for a unit",
    (text) => {
      expect(understandUnit(text).kind).toBe("unreadable");
    },
  );
});
