import type { UpgradeStep } from "./upgradeStep";

type Stored = Record<string, unknown>;
const record = (value: unknown) => (value ?? {}) as Record<string, Stored>;

const byOrder = ([, a]: [string, Stored], [, b]: [string, Stored]) =>
  String(a.order) < String(b.order) ? -1 : 1;

const isFilled = ({ readings }: Stored) =>
  Object.values((readings ?? {}) as Record<string, string>).some((text) => text.trim() !== "");

/** The keys that stood for the places 0, 1, 2 … of a figure's series: those with readings in their order, then rows without one. */
function keysOf(document: Stored, figure: Stored): readonly string[] {
  const quantities = record(document.quantities);
  const table = quantities[String(figure.x)]?.table ?? quantities[String(figure.y)]?.table;
  const rows = Object.values(record(document.rows)).filter((row) => row.table === table);
  const series = Object.entries(record(document.series))
    .filter(([, one]) => one.table === table)
    .sort(byOrder)
    .map(([id]) => id);
  const filled = [...series, ""].filter((id) =>
    rows.some((row) => {
      const own = series.includes(String(row.series ?? "")) ? String(row.series) : "";
      return own === id && isFilled(row);
    }),
  );
  const further = Object.entries((figure.also ?? {}) as Record<string, string>)
    .sort(([, a], [, b]) => (a < b ? -1 : 1))
    .map(([id]) => `@${id}`);
  return ["", ...further].flatMap((behind) => filled.map((id) => `${id}${behind}`));
}

/** Version 7 holds on to a series by what it is, not by its place among those that are filled. */
export const seriesByIdentity: UpgradeStep = {
  from: 6,
  upgrade: (document) => {
    const figures = record(document.figures);
    const keys = new Map(Object.entries(figures).map(([id, one]) => [id, keysOf(document, one)]));
    const keyAt = (figure: string, place: unknown) => {
      const line = figures[figure]?.line as Stored | undefined;
      return line?.together === true ? "*" : (keys.get(figure)?.[Number(place)] ?? "");
    };
    const mapped = (of: unknown, change: (one: Stored, id: string) => Stored) =>
      Object.fromEntries(Object.entries(record(of)).map(([id, one]) => [id, change(one, id)]));
    const inFigure = (id: string, of: unknown, apart: boolean) =>
      mapped(of, (one) => ({
        ...one,
        series: apart ? (keys.get(id)?.[Number(one.series)] ?? "") : keyAt(id, one.series),
      }));
    const equations = (id: string, of: unknown) =>
      Object.fromEntries(
        Object.entries((of ?? {}) as Stored).map(([name, at]) => {
          const [role = "", place = "0"] = name.split("-");
          return [`${role}-${keyAt(id, place)}`, at];
        }),
      );
    return {
      ...document,
      figures: mapped(figures, (one, id) => ({
        ...one,
        curves: inFigure(id, one.curves, true),
        straightedges: inFigure(id, one.straightedges, false),
        equations: equations(id, one.equations),
      })),
      results: mapped(document.results, (one) => {
        const source = one.source as Stored;
        const of = String(source.of);
        const crossing = source.kind === "crossing";
        const series = keyAt(of, crossing ? 0 : source.series);
        return {
          ...one,
          source: { ...source, series, second: crossing ? keyAt(of, 1) : "" },
        };
      }),
    };
  },
};
