/** The value that all have; undefined where they differ. */
export function common<T, V>(all: readonly T[], value: (each: T) => V): V | undefined {
  const [first, ...others] = all.map(value);
  return others.every((other) => other === first) ? first : undefined;
}

/** Says that several things do not have the same value. */
export function Mixed({ values }: { readonly values: readonly unknown[] }) {
  return new Set(values).size > 1 && <span className="hint">mixed</span>;
}
