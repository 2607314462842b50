import { fetchAhead } from "./fetchAhead";
import { Later, notHereYet } from "./Later";

/** A script that comes, or does not, as the test says. */
function script(name: string, asked: string[], comes: () => boolean = () => true) {
  return new Later(() => {
    asked.push(name);
    return comes() ? Promise.resolve(name) : Promise.reject(new Error("away"));
  });
}

test("a script is asked for once by all who need it", async () => {
  const asked: string[] = [];
  const later = script("one", asked);
  expect(later.here()).toBeUndefined();
  await Promise.all([later.fetch(), later.fetch()]);
  expect([await later.fetch(), later.here(), asked]).toEqual(["one", "one", ["one"]]);
});

test("what could not be had is said, and asked for anew", async () => {
  const asked: string[] = [];
  let away = true;
  const later = script("one", asked, () => !away);
  const heard: boolean[] = [];
  const unheard = later.subscribe(() => heard.push(later.failed()));
  await expect(later.fetch()).rejects.toThrow("away");
  away = false;
  await later.fetch();
  unheard();
  expect([heard, later.here(), asked.length]).toEqual([[true, false], "one", 2]);
});

describe("in free moments", () => {
  beforeEach(() => {
    jest.useFakeTimers();
    Object.assign(globalThis, { navigator: {} });
  });
  afterEach(() => jest.useRealTimers());

  test("what is likely comes first, then all that is known, also what only they make known", async () => {
    const asked: string[] = [];
    const rest = script("rest", asked);
    const likely = new Later(() => {
      asked.push("likely");
      return Promise.resolve(script("within", asked));
    });
    const done = fetchAhead([likely], () => true);
    await jest.runAllTimersAsync();
    expect(await done).toBe(true);
    expect(asked[0]).toBe("likely");
    expect(asked).toEqual(expect.arrayContaining(["rest", "within"]));
    expect(rest.here()).toBe("rest");
    expect(notHereYet()).toEqual([]);
  });

  test("where the server is away it is tried again, until nobody wants it", async () => {
    const asked: string[] = [];
    let wanted = true;
    const later = script("one", asked, () => asked.length > 2);
    const done = fetchAhead([later], () => wanted);
    await jest.advanceTimersByTimeAsync(15_000);
    expect(asked).toHaveLength(2);
    wanted = false;
    await jest.runAllTimersAsync();
    expect(await done).toBe(false);
    await later.fetch();
    expect(later.here()).toBe("one");
  });
});
