import type { RecordingDescription } from "@/investigation/model/recording";
import { catalogue } from "@/instruments/catalogue";
import { instrumentCalled, recordedBy } from "@/wording/benchInstruments";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { speaking } from "@/wording/language/spoken";

const inGerman = (name: string): string => speaking("de", () => instrumentCalled(name));

test("every instrument that comes with it, its channels and settings are called in the language spoken", () => {
  const names = catalogue.flatMap(({ name, channels, apparatus }) => [
    name,
    ...channels.map((channel) => channel.name),
    ...apparatus.settings.map((setting) => setting.name),
  ]);
  const same = new Set(names.filter((name) => inGerman(name) === name));
  expect([...same]).toEqual([]);
  expect(names.map(instrumentCalled)).toEqual(names);
  expect(inGerman("displacement sensor")).toBe("Wegsensor");
});

test("a recording is described in the language of its investigation; a name of one’s own stays", () => {
  const side = { symbol: "y", unit: "mm", resolution: 0.05, zero: 0.05, scale: 0.01 };
  const how: RecordingDescription = {
    instrument: "old sensor by the window",
    tells: "readings",
    channels: ["displacement", "wobble"].map((name) => ({ ...side, name })),
    step: 0.005,
    clock: 5e-5,
  };
  const described = inItsLanguage({ language: "de" }, () => recordedBy(how));
  expect(described.instrument).toBe("old sensor by the window");
  expect(described.channels.map(({ name }) => name)).toEqual(["Auslenkung", "wobble"]);
});
