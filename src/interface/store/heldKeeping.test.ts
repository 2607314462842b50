import { typeReadings } from "@/investigation/acts/typeReadings";
import { FakeBrowser } from "../../../tests/fixtures/fakeBrowser";
import { device } from "../../../tests/fixtures/fakeDevice";
import { holdInHand } from "./handFirst";
import { doAct } from "./investigationStore";

jest.mock("idb-keyval", () => jest.requireActual("../../../tests/fixtures/fakeDevice").store);

const pass = (milliseconds: number) => jest.advanceTimersByTimeAsync(milliseconds);
const onDevice = () => JSON.stringify([...device.values()]);

/** A window whose hand has taken hold of something, and puts texts into one cell as it drags. */
async function holding() {
  const browser = new FakeBrowser();
  const { store, keeper } = browser.open("one");
  const put = (text: string, key: string) =>
    doAct(store, typeReadings, { readings: [{ row: "row1", cell: "time", text }] }, key);
  await keeper.start(true);
  await pass(50);
  holdInHand(store, true);
  return { browser, store, keeper, put };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("what a hand drags is kept a few times a second, and all of it once it lets go; a key waits for nothing", async () => {
  const { browser, store, keeper, put } = await holding();
  for (let step = 0; step < 50; step++) {
    put(`9.${step}`, "drag");
    await pass(20);
  }
  const sent = browser.server.asked.filter((edits) => edits > 0).length;
  expect(sent).toBeGreaterThan(1);
  expect(sent).toBeLessThan(8);
  put("9.7", "drag");
  holdInHand(store, false);
  await pass(1);
  expect(onDevice()).toContain('"9.7"');
  await pass(600);
  expect(store.getState()).toMatchObject({ pending: [], saving: { kind: "kept" } });
  expect(store.getState().document.rows.row1?.readings.time).toBe("9.7");
  put("8", "cell");
  await pass(1);
  expect(onDevice()).toContain('"8"');
  keeper.stop();
});

test("a window that is left while a hand drags loses nothing of it", async () => {
  const { browser, keeper, put } = await holding();
  put("9", "drag");
  await pass(1);
  expect(onDevice()).not.toContain('"9"');
  browser.leaves();
  await pass(1);
  expect(onDevice()).toContain('"9"');
  keeper.stop();
});
