/** Writes `docs/findings-checked.md`: cases as a clinician writes them, what she would say, and what Kolpos shows. */
import { readFileSync } from 'node:fs';
import { CLINICAL_CASES, judge, type ClinicalCase } from '../../../demo/clinical';
import { AIM_WORDS, aimedName } from '../../../src/core/aims/words';
import { testById } from '../../../src/core/assessment/battery';
import { MOVEMENT_WORDS } from '../../../src/core/assessment/words';
import { hintWords } from '../../../src/core/inference/hint-words';
import { isLimited } from '../../../src/core/inference';
import { limiterWords } from '../../../src/core/inference/words';
import { table, withParts } from '../marks';
import type { Maker } from '../node';

const PAGE = 'docs/findings-checked.md';
const MOST = 3;

/** What Kolpos shows of a case, shortened: limited movements of the left side, aims, signs, the next test. */
function shown(c: ClinicalCase): { text: string; wrong: readonly string[] } {
  const { findings, aims, wrong } = judge(c, true);
  const limited = findings.movements
    .filter((m) => m.side === 'left' && isLimited(m))
    .map((m) => `${MOVEMENT_WORDS[m.movement]}: ${limiterWords(m)}`);
  const wanted = aims
    .slice(0, MOST)
    .map(
      (a) =>
        `${AIM_WORDS[a.kind].toLowerCase()} ${aimedName(a)} ${a.side}${a.reasons[0]?.kind === 'least' ? ' (upkeep)' : ''}`,
    );
  const signs = findings.hints.map((h) => `${hintWords(h).title}${h.refer ? ', a clinician looks first' : ''}`);
  const next = findings.next.at(0);
  return {
    text: [
      limited.length > 0 ? limited.join('; ') : 'nothing limited',
      wanted.length > 0 ? wanted.join('; ') : 'no aim',
      ...(signs.length > 0 ? [[...new Set(signs)].join('; ')] : []),
      next ? `next: ${testById(next.test)?.name.toLowerCase() ?? next.test}, ${next.side}` : 'nothing more to test',
    ].join('<br>'),
    wrong,
  };
}

export const maker: Maker = {
  files: () => {
    let agree = 0,
      all = 0;
    const sections = Object.entries(CLINICAL_CASES).map(([title, cases]) => {
      const rows = cases.map((c) => {
        const { text, wrong } = shown(c);
        all++;
        if (wrong.length === 0) agree++;
        return [c.name, c.says, text, wrong.length === 0 ? 'agree' : wrong.join('; '), c.before ?? ''];
      });
      return `## ${title}\n\n${table(['case', 'a clinician', 'Kolpos', '', 'before it was mended'], rows)}`;
    });
    const before = Object.values(CLINICAL_CASES)
      .flat()
      .filter((c) => c.before).length;
    const parts = { count: `${agree} of ${all} agree`, before: String(before), cases: sections.join('\n\n') };
    return Promise.resolve({ [PAGE]: withParts(readFileSync(PAGE, 'utf8'), parts, PAGE) });
  },
};
