/** Writes `public/demo.json`: the made-up studio that the demo opens with. */
import { demoStudio } from '../../../demo/studio';
import type { Maker } from '../node';

export const maker: Maker = {
  files: async () => ({ 'public/demo.json': `${JSON.stringify(await demoStudio(), null, 2)}\n` }),
};
