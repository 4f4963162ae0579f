/** Writes the published JSON schemas of the open formats. */
import { JSON_SCHEMAS } from '../../../src/core/formats/json-schemas';
import type { Maker } from '../node';

export const maker: Maker = {
  files: async () =>
    Object.fromEntries(
      Object.entries(JSON_SCHEMAS).map(([name, make]) => [
        `public/${name}.schema.json`,
        JSON.stringify(make(), null, 2) + '\n',
      ]),
    ),
};
