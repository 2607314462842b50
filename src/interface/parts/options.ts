/** The options of a choice by what each is called, in their order. */
export function options<Value extends string>(words: Readonly<Record<Value, string>>) {
  return (Object.entries(words) as [Value, string][]).map(([value, label]) => ({ value, label }));
}
