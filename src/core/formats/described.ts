import { PROPERTY_WORDS } from './property-words';

type Json = Record<string, unknown>;
const isObject = (v: unknown): v is Json => typeof v === 'object' && v !== null && !Array.isArray(v);

/** Words for a property: those of `parent.name` before those of the name alone; undefined where there are none. */
export const propertyWords = (parent: string, name: string): string | undefined =>
  PROPERTY_WORDS[`${parent}.${name}`] ?? PROPERTY_WORDS[name];

/**
 * A JSON Schema as it is published: with a name of its own that no other schema has, and every property described. It
 * validates what it did before.
 * @param id last part of its `$id`, such as `record:6`
 */
export function described(id: string, schema: Json): Json {
  return { $id: `urn:kolpos:schema:${id}`, ...(inside(schema, '') as Json) };
}

function inside(schema: unknown, parent: string): unknown {
  if (Array.isArray(schema)) return schema.map((s) => inside(s, parent));
  if (!isObject(schema)) return schema;
  return Object.fromEntries(
    Object.entries(schema).map(([key, value]) => {
      if (key !== 'properties' || !isObject(value)) return [key, inside(value, parent)];
      return [
        key,
        Object.fromEntries(
          Object.entries(value).map(([name, of]) => {
            const words = propertyWords(parent, name);
            const own = inside(of, name);
            return [name, words && isObject(own) ? { description: words, ...own } : own];
          }),
        ),
      ];
    }),
  );
}
