/**
 * A value as text that is the same for the same content: keys in order, fields without a value left out. For comparing
 * rows that came by different ways, from a file, a form, a database.
 */
export const canonicalText = (value: unknown): string => JSON.stringify(ordered(value)) ?? '';

function ordered(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(ordered);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, v]) => v !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([k, v]) => [k, ordered(v)]),
  );
}
