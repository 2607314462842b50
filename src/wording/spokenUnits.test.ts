import { spokenUnit } from "./spokenUnits";

test.each([
  ["m", "metres"],
  ["s", "seconds"],
  ["m/s^2", "metres per second squared"],
  ["m s^-1", "metres per second"],
  ["m^2", "square metres"],
  ["cm^3", "cubic centimetres"],
  ["kg m^-3", "kilograms per cubic metre"],
  ["s^2", "seconds squared"],
  ["N m", "newton metres"],
  ["°C", "degrees Celsius"],
  ["%", "per cent"],
  ["Ω", "ohms"],
  ["mol/L", "moles per litre"],
  ["s^4", "seconds to the power 4"],
  ["furlong", "furlong"],
  ["1", ""],
  ["", ""],
])("%s is said “%s”", (unit, said) => {
  expect(spokenUnit(unit)).toBe(said);
});
