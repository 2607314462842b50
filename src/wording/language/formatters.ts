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

/** By what ICU messages write their counts, choose their plurals and write their days. */
export const formatters = {
  getNumberFormat: () => counts,
  getPluralRules: pluralRules,
  getDateTimeFormat: (...args: ConstructorParameters<typeof Intl.DateTimeFormat>) =>
    new Intl.DateTimeFormat(...args),
};
