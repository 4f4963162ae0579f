/** A copy of an object without some of its fields. */
export function without<T extends object, K extends keyof T>(from: T, ...keys: readonly K[]): Omit<T, K> {
  const out: Partial<T> = { ...from };
  for (const key of keys) delete out[key];
  return out as Omit<T, K>;
}
