import next from 'eslint-config-next/core-web-vitals';
import typescript from 'eslint-config-next/typescript';

/** Rules about components. Most of what lint costs is one of them, which compiles every file as if it held some. */
const OF_COMPONENTS = next
  .flatMap((part) => Object.keys(part.rules ?? {}))
  .filter((rule) => /^(react|react-hooks|jsx-a11y)\//.test(rule));

const config = [
  { ignores: ['.next/**', 'node_modules/**', 'next-env.d.ts', 'test-results/**', 'playwright-report/**', 'shots/**'] },
  ...next,
  ...typescript,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/consistent-type-imports': [
        'error',
        { prefer: 'type-imports', fixStyle: 'inline-type-imports' },
      ],
      'no-console': 'error',
      eqeqeq: 'error',
    },
  },
  {
    // A component has one job: what is longer is several.
    files: ['src/**/*.ts', 'src/**/*.tsx'],
    ignores: ['src/**/*.test.*'],
    rules: { 'max-lines-per-function': ['error', { max: 150 }] },
  },
  {
    // Assemble, solve, read: what is longer is several. Five parameters at most; what belongs together comes as one.
    files: ['src/**/*.ts', 'demo/**/*.ts', 'bench/**/*.ts', 'scripts/**/*.ts'],
    // Hooks are to a screen what a component is: one job, with its parts in view.
    ignores: ['**/*.test.*', '**/*.fixtures.ts', '**/use-*.ts'],
    rules: { 'max-lines-per-function': ['error', { max: 60 }], 'max-params': ['error', { max: 5 }] },
  },
  {
    // Components draw what they are given: five parameters at most here too.
    files: ['src/**/*.tsx', 'src/**/use-*.ts'],
    ignores: ['**/*.test.*'],
    rules: { 'max-params': ['error', { max: 5 }] },
  },
  {
    // Kernels that run a million times a second take plain numbers.
    files: ['src/core/body/sphere-wrap.ts', 'src/core/body/cylinder-wrap.ts', 'src/core/body/moment-arms.ts'],
    rules: { 'max-params': 'off' },
  },
  {
    // Plain files of folders that have no components (the dependency rules keep React out of the core), and tests.
    files: ['{src/core,src/cli,src/store,src/testing,demo,scripts,bench,e2e}/**/*.ts', '**/*.test.*'],
    rules: Object.fromEntries(OF_COMPONENTS.map((rule) => [rule, 'off'])),
  },
  { files: ['scripts/**', 'bench/**'], rules: { 'no-console': 'off' } },
];
export default config;
