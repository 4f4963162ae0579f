/** Writes `public/demo.json`, the made-up studio that the demo opens with, and what limits its students. */
import { readRecord } from '../../../src/core/formats/read-record';
import { demoLimits } from '../../../demo/limits';
import { demoStudio } from '../../../demo/studio';
import type { Maker } from '../node';

const json = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`;

export const maker: Maker = {
  files: async () => {
    const text = json(await demoStudio());
    // As the application reads it: what limits a student rests on her rows as they are kept.
    const read = readRecord(text);
    if (!read.ok) throw new Error(read.problem.message);
    return { 'public/demo.json': text, 'public/demo-limits.json': json(demoLimits(read.record)) };
  },
};
