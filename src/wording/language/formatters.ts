/** Counts in sentences: thousands are parted by a thin space from five digits on, as ISO 80000-1 has it. */
const counts = {
  format: (count: number) => {
    const digits = String(count).replace("-", "−");
    return Math.abs(count) < 10_000 ? digits : digits.replace(/\B(?=(\d{3})+$)/g, "\u202f");
  },
} as Intl.NumberFormat;

const rules = new Map<string, Intl.PluralRules>();

function pluralRules(...[locale, options]: ConstructorParameters<typeof Intl.PluralRules>) {
  const name = `${String(locale)} ${options?.type}`;
  const known = rules.get(name) ?? new Intl.PluralRules(locale, options);
  rules.set(name, known);
  return known;
}

const dates = new Map<string, Intl.DateTimeFormat>();

/** One for a locale and its options: making one takes longer than all that it ever writes. */
function dateTimeFormat(...[locale, options]: ConstructorParameters<typeof Intl.DateTimeFormat>) {
  const name = `${String(locale)} ${JSON.stringify(options)}`;
  const known = dates.get(name) ?? new Intl.DateTimeFormat(locale, options);
  dates.set(name, known);
  return known;
}

/** By what ICU messages write their counts, choose their plurals and write their days. */
export const formatters = {
  getNumberFormat: () => counts,
  getPluralRules: pluralRules,
  getDateTimeFormat: dateTimeFormat,
};
