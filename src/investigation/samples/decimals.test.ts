import { cellPlace } from "../model/row";
import { samples } from "./samples";

const decimals = (text: string) => (text.split(".")[1] ?? "").length;

test.each(Object.entries(samples))(
  "%s: what is read once ends at the place where its ± ends, as a strict teacher asks",
  (_, make) => {
    const { quantities, rows } = make();
    const unlike = Object.values(rows).flatMap(({ readings }) =>
      Object.entries(readings).filter(([cell, text]) => {
        const { uncertainty, repeats = 1 } = quantities[cellPlace(cell).quantity] ?? {};
        if (uncertainty?.kind !== "fixed" || repeats > 1) return false;
        return decimals(text) !== decimals(uncertainty.amount);
      }),
    );
    expect(unlike).toEqual([]);
  },
);
