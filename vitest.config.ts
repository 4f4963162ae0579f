import react from '@vitejs/plugin-react';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';
import { BaseSequencer, type TestSpecification } from 'vitest/node';

/**
 * Tests that take more than two seconds alone, or make the files beside them wait for a ranking: left out before each
 * commit (`bin/check`), run by `bin/test`.
 */
const SLOW = JSON.parse(readFileSync(new URL('./vitest.slow.json', import.meta.url), 'utf8')) as string[];
const left = process.env.KOLPOS_FAST ? SLOW.map((name) => `**/${name}.test.{ts,tsx}`) : [];

/** The longest first: begun last, one of them would keep a whole core waiting at the end. */
const LONGEST = [
  'practice/build',
  'ranking/rank',
  'cli/cli',
  'cli/examples',
  'pdf/paper',
  'practice/recheck',
  'clinical/clinical',
  'ask/ask',
  'screens/screens',
];
/** Which worker a file can share: one for the core, one for what else needs no page, one for views. */
const PAGE = /^\/\/ @vitest-environment/;
const workerOf = (f: TestSpecification): number =>
  f.project.name === 'core' ? 0 : PAGE.test(readFileSync(f.moduleId, 'utf8')) ? 2 : 1;

/**
 * Files that can share a worker follow each other: a worker whose next file wants another project, or a page, is ended,
 * and the new one loads everything anew. The longest of each come first.
 */
class BySharedWorker extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const place = (f: TestSpecification): number => {
      const at = LONGEST.findIndex((name) => f.moduleId.includes(`${name}.test`));
      return at < 0 ? LONGEST.length : at;
    };
    return (await super.sort(files)).sort((a, b) => workerOf(a) - workerOf(b) || place(a) - place(b));
  }
}

export default defineConfig({
  plugins: [react()],
  resolve: {
    alias: {
      '@demo': fileURLToPath(new URL('./demo', import.meta.url)),
      '@': fileURLToPath(new URL('./src', import.meta.url)),
    },
  },
  test: {
    testTimeout: 240_000,
    hookTimeout: 480_000,
    // The usual leaves a core free, which on a machine with two is half of it.
    maxWorkers: '100%',
    sequence: { sequencer: BySharedWorker },
    projects: [
      {
        extends: true,
        // The core is pure: its tests may share one loaded copy, which is most of what loading costs.
        test: { name: 'core', environment: 'node', include: ['src/core/**/*.test.ts'], exclude: left, isolate: false },
      },
      {
        extends: true,
        test: {
          name: 'around',
          environment: 'node',
          include: ['src/**/*.test.{ts,tsx}', 'demo/**/*.test.ts', 'scripts/**/*.test.ts', 'bench/**/*.test.ts'],
          exclude: ['src/core/**', ...left],
          // One loaded copy too. A browser's database has to be in place before Dexie is loaded, whichever file comes
          // first.
          isolate: false,
          setupFiles: ['fake-indexeddb/auto', './scripts/test-setup.ts'],
        },
      },
    ],
  },
});
