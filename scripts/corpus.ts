/**
 * `npm run corpus -- [--count N] [--seed S] [--at K] [--only FORMAT]`: investigations with hard texts and sizes, written in
 * every format, opened with other makers' programs and compared cell by cell and statement by statement.
 */
import { runCorpus } from "../tests/corpus/runCorpus";

function option(name: string, otherwise: string): string {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : (process.argv[at + 1] ?? otherwise);
}

const [count, seed, only, at] = [
  Number(option("count", "40")),
  Number(option("seed", "1")),
  option("only", ""),
  option("at", ""),
];
const places = at === "" ? Array.from({ length: count }, (_, i) => i) : [Number(at)];
const began = performance.now();
const { formats, complaints } = await runCorpus(seed, places, {
  ...(only !== "" && { names: [only] }),
  onDone: (place, found) => {
    console.log(`${String(place).padStart(3)} ${found.length === 0 ? "nothing lost" : ""}`);
    for (const { investigation, format, said } of found) {
      console.log(`    ${investigation}, ${format}: ${said.length} lost: ${said.slice(0, 4).join("; ").slice(0, 400)}`); // prettier-ignore
    }
  },
});
const seconds = ((performance.now() - began) / 1000).toFixed(0);
console.log(`${places.length} investigations of seed ${seed} in ${formats.join(", ")}: ${complaints.length} files with something lost, ${seconds} s`); // prettier-ignore
process.exitCode = complaints.length === 0 ? 0 : 1;
