/** Core folders in order: each may import only those that stand before it. */
const core = [
  'languages',
  'body',
  'guide',
  'students',
  'cautions',
  'poses',
  'assessment',
  'inference',
  'measuring',
  'aims',
  'statics',
  'fit',
  'pose-editor',
  'ranking',
  'practice',
  'teaching',
  'progress',
  'classes',
  'visits',
  'overview',
  'home',
  'formats',
];
const layer = (name) => `^src/${name}/`;

module.exports = {
  forbidden: [
    ...core
      .slice(0, -1)
      .map((folder, i) => ({
        name: `core-order-${folder}`,
        comment: `core/${folder} must not import what stands below it`,
        severity: 'error',
        from: { path: `^src/core/${folder}/` },
        to: { path: core.slice(i + 1).map((later) => `^src/core/${later}/`) },
      })),
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: layer('core'), pathNot: '\\.test\\.ts$' },
      to: { path: '^(src/(store|workers|figure|screens|app|theme|cli)|demo)/' },
    },
    {
      name: 'core-without-interface',
      severity: 'error',
      from: { path: layer('core'), pathNot: '\\.test\\.ts$' },
      to: { path: 'node_modules/(react|react-dom|next|@mui|dexie|comlink|echarts)/' },
    },
    {
      name: 'other-world-shares-nothing',
      comment: 'what the inference is held against knows bones, muscle lines and tests, and no table of the inference',
      severity: 'error',
      from: { path: '^demo/other-world/' },
      to: {
        path: '^(demo|src)/',
        pathNot: [
          '^demo/other-world/',
          '^src/core/body/(half-body|muscle-model|lines|structures|coordinates|vec3)\\.ts$',
          // A source of chance is no opinion about people.
          '^src/core/inference/random\\.ts$',
          '^src/core/assessment/(battery|definition|reading)',
          '^src/core/students/student\\.ts$',
        ],
      },
    },
    {
      name: 'figure-knows-core-only',
      severity: 'error',
      from: { path: layer('figure') },
      to: { path: '^src/(store|workers|screens|app)/' },
    },
    {
      name: 'pdf-knows-core-and-figure-only',
      severity: 'error',
      from: { path: layer('pdf'), pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/(store|workers|screens|app)/' },
    },
    {
      name: 'home-knows-core-and-figure-only',
      severity: 'error',
      from: { path: layer('home') },
      to: { path: '^src/(store|workers|screens|app|cli|pdf)/' },
    },
    {
      name: 'home-page-is-plain',
      comment: 'what runs on the phone carries no schema and no interface library',
      severity: 'error',
      from: { path: '^src/home/page/' },
      to: { path: 'node_modules/(zod|react|react-dom|next|@mui|dexie|i18next)/' },
    },
    {
      name: 'store-knows-core-only',
      severity: 'error',
      from: { path: layer('store'), pathNot: '\\.test\\.ts$' },
      to: { path: '^src/(workers|figure|screens|app)/' },
    },
    {
      name: 'workers-know-core-only',
      severity: 'error',
      from: { path: layer('workers') },
      to: { path: '^src/(store|figure|screens|app)/' },
    },
    { name: 'screens-below-app', severity: 'error', from: { path: layer('screens') }, to: { path: layer('app') } },
    {
      name: 'only-store-touches-dexie',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/store/' },
      to: { path: 'node_modules/dexie/' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-orphans',
      severity: 'error',
      from: { orphan: true, path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
