import { TWO_ENGINES, type Tolerance } from '../../src/testing/differences';
import { JSON_SCHEMAS } from '../../src/core/formats/json-schemas';
import type { Node } from './node';

/** Nothing but the same text will do. */
const SAME: Tolerance = { absolute: 0, relative: 0 };
const at = (name: string) => `scripts/derived/nodes/${name}.ts`;

/** All that is derived, each after what it is derived from. */
export const GRAPH: readonly Node[] = [
  {
    id: 'tolerances',
    what: 'where typical people stop each muscle line, from lines and norms',
    module: at('tolerances'),
    files: ['src/core/body/data/tolerances.json'],
    after: [],
    // Written to four places: one step of the last.
    tolerance: { absolute: 1.5e-4, relative: 0 },
  },
  {
    id: 'gains',
    what: "each read-out's own gain, from norms and the prior",
    module: at('gains'),
    files: ['src/core/inference/data/gains.json'],
    after: ['tolerances'],
    // A gain is tried in steps of 0.05, means and spreads are written to one place: a step of each.
    tolerance: { absolute: 0.11, relative: 0 },
  },
  {
    id: 'paths',
    what: 'every rung of the library settled on its contacts, from its sketch',
    module: at('paths'),
    code: 'src/core/poses/settling/settle.ts',
    files: ['src/core/poses/data/paths.json'],
    after: ['tolerances'],
    // Degrees. An iteration that feeds on its own roundings may end a little elsewhere.
    tolerance: { absolute: 0.5, relative: 0 },
  },
  {
    id: 'typical-loads',
    what: 'loads and strains of every rung in typical people, which tell the ranking where to look first',
    module: at('typical-loads'),
    code: 'src/core/ranking/guide-points.ts',
    files: ['src/core/ranking/data/typical-loads.json'],
    after: ['tolerances', 'paths'],
    // Hundredths.
    tolerance: { absolute: 1, relative: 0 },
  },
  {
    id: 'poses-checked',
    what: 'what every rung lengthens and works, beside what the field says: docs/poses-checked.md',
    module: at('poses-checked'),
    files: ['docs/poses-checked.md'],
    after: ['tolerances', 'paths'],
    // Told to two places and whole hundredths.
    tolerance: { absolute: 1.01, relative: 0 },
  },
  {
    id: 'recovery',
    what: 'how the inference fares on made-up students of another world',
    module: at('recovery'),
    files: ['docs/recovery.json'],
    after: ['gains', 'paths'],
    tolerance: { absolute: 1, relative: 0.05 },
    long: true,
  },
  {
    id: 'other-world',
    what: 'how the inference fares in a world that shares no table with it',
    module: at('other-world'),
    files: ['docs/other-world.json'],
    after: ['gains'],
    tolerance: { absolute: 1, relative: 0.05 },
    long: true,
  },
  {
    id: 'practice-trial',
    what: '300 made-up requests and what is true of the practices built for them',
    module: at('practice-trial'),
    files: ['docs/practice-trial.json'],
    after: ['gains', 'paths', 'typical-loads'],
    // Where two choices are worth the same the solver may take either.
    tolerance: { absolute: 4, relative: 0.1 },
    long: true,
  },
  {
    id: 'findings-checked',
    what: 'cases as a clinician writes them, and what is shown: docs/findings-checked.md',
    module: at('findings-checked'),
    files: ['docs/findings-checked.md'],
    tested: true,
    after: ['gains'],
    // Chances are told in whole hundredths, by draws.
    tolerance: { absolute: 3, relative: 0 },
  },
  {
    id: 'model-page',
    what: 'the tables of docs/model.md',
    module: at('model-page'),
    files: ['docs/model.md'],
    after: ['tolerances', 'recovery', 'other-world'],
    // Tables are rounded for readers: one step of the last place shown.
    tolerance: { absolute: 1.01, relative: 0 },
  },
  {
    id: 'counts',
    what: 'the battery table and the counts told in README and docs',
    module: at('counts'),
    files: ['README.md', 'docs/steps.md', 'docs/numbers.md', 'docs/practice.md', 'docs/measuring.md', 'docs/poses.md'],
    after: ['recovery', 'practice-trial'],
    tolerance: SAME,
  },
  {
    id: 'cautions',
    what: 'every caution against every rung and test: what is open, limited or closed, and why',
    module: at('cautions'),
    files: ['docs/cautions.json', 'docs/cautions.md', 'src/core/assessment/data/stays-good.json'],
    after: ['tolerances', 'paths'],
    tolerance: SAME,
  },
  {
    id: 'schemas',
    what: 'JSON schemas of the open formats',
    module: at('schemas'),
    files: Object.keys(JSON_SCHEMAS).map((name) => `public/${name}.schema.json`),
    after: [],
    tolerance: SAME,
  },
  {
    id: 'guide',
    what: 'the guide for teachers and the glossary as a page: docs/guide.md',
    module: at('guide'),
    files: ['docs/guide.md'],
    after: [],
    tolerance: SAME,
  },
  {
    id: 'notices',
    what: 'licences of the packages that ship with the application',
    module: at('notices'),
    files: ['THIRD-PARTY-NOTICES.md'],
    after: [],
    tolerance: SAME,
  },
  {
    id: 'demo',
    what: 'the demo studio as a file',
    module: at('demo'),
    files: ['public/demo.json', 'public/demo-limits.json'],
    after: ['gains', 'paths', 'typical-loads'],
    tolerance: TWO_ENGINES,
  },
  {
    id: 'practices-checked',
    what: 'practices of the people of the demo studio, read by a teacher: docs/practices-checked.md',
    module: at('practices-checked'),
    files: ['docs/practices-checked.md'],
    after: ['gains', 'paths', 'typical-loads', 'demo'],
    // Where two choices are worth the same the solver may take either.
    tolerance: { absolute: 12, relative: 0.1 },
    long: true,
  },
];

/** Ids with all that comes after them, in order. */
export function downstreamOf(ids: readonly string[]): Set<string> {
  const out = new Set(ids);
  for (const node of GRAPH) if (node.after.some((id) => out.has(id))) out.add(node.id);
  return out;
}
