/**
 * Writes `docs/cautions.json`: every caution against every rung and test, and the table of `docs/cautions.md` made of
 * it.
 */
import { readFileSync } from 'node:fs';
import { alone, cautionTable, staysGood, type CautionRow } from '../../../src/core/assessment/caution-table';
import { BATTERY } from '../../../src/core/assessment/battery';
import { verdictOfTest } from '../../../src/core/assessment/locks';
import { cautionById } from '../../../src/core/cautions/catalogue';
import { DEMAND_IDS, DEMANDS } from '../../../src/core/cautions/demands';
import { ruleSentences } from '../../../src/core/cautions/rules';
import { table, withParts } from '../marks';
import type { Maker } from '../node';

const PAGE = 'docs/cautions.md';
const triple = ([open, limited, closed]: readonly number[]) => `${open} · ${limited} · ${closed}`;

const small = (name: string) => `${name[0].toLowerCase()}${name.slice(1)}`;

/** One caution as it is told: its counts, what it does, what stays good, the tests it closes and limits. */
function blockOf(r: CautionRow): string {
  const c = cautionById(r.caution);
  if (!c) throw new Error(r.caution);
  const screening = alone(r.caution);
  const tests = (state: 'closed' | 'limited') =>
    BATTERY.filter((t) => verdictOfTest(screening, t).state === state).map((t) => small(t.name));
  const lines = [
    `**${c.name}** (\`${c.id}\`, ${c.level}). Rungs ${triple(r.rungs)}, tests ${triple(r.tests)}.`,
    ruleSentences(c.rules).join(' '),
  ];
  const good = staysGood(screening).map((s) => small(s.name));
  if (c.rules !== 'all' && c.rules.length > 0) {
    lines.push(`Stays good: ${good.join(', ')}.`);
    for (const state of ['closed', 'limited'] as const) {
      const names = tests(state);
      if (names.length > 0) lines.push(`Tests ${state}: ${names.join('; ')}.`);
    }
  }
  return lines.filter(Boolean).join('\n');
}

export const maker: Maker = {
  files: () => {
    const rows = cautionTable();
    const counts = rows.map((r) => blockOf(r)).join('\n\n');
    const demands = table(
      ['demand', 'unit', 'counts from', 'in words'],
      DEMAND_IDS.map((d) => [
        `\`${d}\``,
        DEMANDS[d].unit || '–',
        String(DEMANDS[d].from),
        DEMANDS[d].words(DEMANDS[d].from),
      ]),
    );
    const told = rows.map((r) => JSON.stringify(r)).join(',\n');
    const good = Object.fromEntries(rows.map((r) => [r.caution, staysGood(alone(r.caution)).map((s) => s.id)]));
    return Promise.resolve({
      'src/core/assessment/data/stays-good.json': JSON.stringify(good),
      'docs/cautions.json': `[\n${told}\n]\n`,
      [PAGE]: withParts(readFileSync(PAGE, 'utf8'), { counts, demands }, PAGE),
    });
  },
};
