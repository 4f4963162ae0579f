/** Writes the published JSON schemas of the open formats. */
import { poseJsonSchema } from '../../../src/core/formats/pose';
import { practiceJsonSchema } from '../../../src/core/formats/practice';
import { recordJsonSchema } from '../../../src/core/formats/record';
import type { Maker } from '../node';

export const maker: Maker = {
  files: async () => ({
    'public/record.schema.json': JSON.stringify(recordJsonSchema(), null, 2) + '\n',
    'public/pose.schema.json': JSON.stringify(poseJsonSchema(), null, 2) + '\n',
    'public/practice.schema.json': JSON.stringify(practiceJsonSchema(), null, 2) + '\n',
  }),
};
