import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import { createInvestigationStore } from "../store/investigationStore";
import { DeskPlace } from "./DeskPlace";

let away = false;
jest.mock("./madeDesk", () => {
  if (away) throw new Error("away");
  return jest.requireActual<object>("./madeDesk");
});

const placeOf = () => new DeskPlace(createInvestigationStore(emptyInvestigation(""), 0), "sheet");

test("the desk comes once it is wanted, and is one for all who want it", async () => {
  const place = placeOf();
  let heard = 0;
  const unheard = place.subscribe(() => (heard += 1));
  expect(place.here()).toBeUndefined();
  const [one, other] = await Promise.all([place.fetch(), place.fetch()]);
  expect(one).toBe(other);
  expect(place.here()).toBe(one);
  expect(heard).toBeGreaterThan(0);
  unheard();
});

test("whoever leaves the investigation leaves its desk", async () => {
  const place = placeOf();
  const desk = await place.fetch();
  desk.draw({ from: 3, to: 1 });
  expect(desk.state.getState().stretch).toEqual({ from: 1, to: 3 });
  place.leave();
  expect(place.here()).toBeUndefined();
  expect(await place.fetch()).not.toBe(desk);
});

test("a desk that can't be had is told, and wanted anew it comes", async () => {
  jest.resetModules();
  const { DeskPlace: Fresh } = await import("./DeskPlace");
  const place = new Fresh(createInvestigationStore(emptyInvestigation(""), 0), "sheet");
  away = true;
  await expect(place.fetch()).rejects.toThrow("away");
  expect([place.failed(), place.here()]).toEqual([true, undefined]);
  away = false;
  await place.fetch();
  expect(place.failed()).toBe(false);
  expect(place.here()).toBeDefined();
});
