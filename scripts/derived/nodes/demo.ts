/** Writes `public/demo.json`, the made-up studio that the demo opens with, and what limits its students. */
import { demoLimits } from '../../../demo/limits';
import { demoStudio } from '../../../demo/studio';
import type { Maker } from '../node';

const json = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`;

export const maker: Maker = {
  files: async () => {
    const record = await demoStudio();
    return { 'public/demo.json': json(record), 'public/demo-limits.json': json(demoLimits(record)) };
  },
};
