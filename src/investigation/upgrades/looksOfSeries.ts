import type { UpgradeStep } from "./upgradeStep";

type Fields = Record<string, object>;

interface Stored {
  readonly axes: { readonly x: object; readonly y: object };
  readonly look: object;
  readonly curves: Fields;
}

const axis = { numbers: "fit", decimals: "" };
const look = { barsAlong: "both", numberSize: "", wordSize: "", equationSize: "" };

/** A curve's bands had one level so far. */
const level = "95";

const withAll = (fields: Fields, added: object): Fields =>
  Object.fromEntries(Object.entries(fields).map(([id, one]) => [id, { ...one, ...added }]));

function figure(stored: Stored): object {
  const { axes } = stored;
  return {
    ...stored,
    axes: { x: { ...axes.x, ...axis }, y: { ...axes.y, ...axis } },
    look: { ...stored.look, ...look },
    curves: withAll(stored.curves, { level }),
    seriesLooks: {},
  };
}

/** Version 8 keeps which way bars run, sizes of letters, how an axis writes its numbers, looks of series, and a curve's level. */
export const looksOfSeries: UpgradeStep = {
  from: 7,
  upgrade: (document) => ({
    ...document,
    figures: Object.fromEntries(
      Object.entries((document.figures ?? {}) as Record<string, Stored>).map(([id, stored]) => [
        id,
        figure(stored),
      ]),
    ),
    ownLook: document.ownLook ? { ...document.ownLook, ...look } : null,
  }),
};
