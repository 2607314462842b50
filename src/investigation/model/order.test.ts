import { Chance } from "../../../tests/properties/madeUp";
import { inOrder, orderAtEnd, ordersAtEnd, ordersBefore } from "./order";

type Rows = Record<string, { order: string }>;

const ids = (rows: Rows) => inOrder(rows).map(([id]) => id);

function three(): Rows {
  const orders = ordersAtEnd({}, 3);
  return Object.fromEntries(["a", "b", "c"].map((id, i) => [id, { order: orders[i]! }]));
}

test("behind all, in front of one, between two", () => {
  const rows = three();
  rows.z = { order: orderAtEnd(rows) };
  rows.m = { order: ordersBefore(rows, "b", 1)[0]! };
  rows.f = { order: ordersBefore(rows, "a", 1)[0]! };
  expect(ids(rows)).toEqual(["f", "a", "m", "b", "c", "z"]);
});

test("in front of what is gone means behind all", () => {
  const rows = three();
  rows.n = { order: ordersBefore(rows, "gone", 1)[0]! };
  expect(ids(rows)).toEqual(["a", "b", "c", "n"]);
});

test("equal keys stand by id, and make room when something comes between", () => {
  const rows = three();
  rows.b!.order = rows.a!.order;
  expect(ids(rows)).toEqual(["a", "b", "c"]);
  rows.m = { order: ordersBefore(rows, "b", 1)[0]! };
  expect(ids(rows)).toEqual(["a", "m", "b", "c"]);
});

test("five hundred insertions anywhere keep the order of a plain list", () => {
  const chance = new Chance(42);
  const rows = three();
  const list = ["a", "b", "c"];
  for (let n = 0; n < 500; n++) {
    const at = chance.below(list.length + 1);
    const id = `n${n}`;
    const [order] = ordersBefore(rows, list[at] ?? null, 1);
    rows[id] = { order: order! };
    list.splice(at, 0, id);
  }
  expect(ids(rows)).toEqual(list);
});
