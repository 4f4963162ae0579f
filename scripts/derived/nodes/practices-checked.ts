/**
 * Writes `docs/practices-checked.md`: practices of the demo studio's people as they are built, with what a teacher says
 * of them.
 */
import { readFileSync } from 'node:fs';
import {
  builtFor,
  CHECKED,
  sheetMark,
  sheetText,
  shutFor,
  type CheckedPractice,
} from '../../../demo/checked-practices';
import { publishedStudio } from '../../../demo/published.fixtures';
import { totalSeconds } from '../../../src/core/practice/practice';
import { AIM_WORDS, aimedName } from '../../../src/core/aims/words';
import { withParts } from '../marks';
import type { Maker } from '../node';

const PAGE = 'docs/practices-checked.md';

async function section(one: CheckedPractice): Promise<{ text: string; old: boolean }> {
  const built = await builtFor(publishedStudio(), one);
  const pace = one.wish.pace ?? 'usual';
  const sheet = sheetText(built, { pace }, shutFor(publishedStudio(), one));
  const mark = sheetMark(sheet);
  const old = mark !== one.read;
  const doses = built.doses.map((d) => {
    return `${AIM_WORDS[d.aim.kind].toLowerCase()} ${aimedName(d.aim)} ${d.aim.side} ${d.minutes.toFixed(1)} of ${d.wanted.toFixed(1)}`;
  });
  const minutes = (totalSeconds(built.items, pace) / 60).toFixed(1);
  const text = [
    `## ${one.title}`,
    `${minutes} minutes, within ${(100 * built.gap).toFixed(2)} % of the bound. Minutes for each aim: ${doses.join('; ')}. Sheet ${mark}.`,
    `\`\`\`text\n${sheet}\n\`\`\``,
    old ? `_Said of an earlier sheet${one.read ? ` (${one.read})` : ''}:_ ${one.remark}` : one.remark,
  ].join('\n\n');
  return { text, old };
}

export const maker: Maker = {
  files: async () => {
    const sections: { text: string; old: boolean }[] = [];
    for (const one of CHECKED) sections.push(await section(one));
    const parts = {
      count: `${sections.filter((s) => !s.old).length} of ${sections.length}`,
      sheets: sections.map((s) => s.text).join('\n\n'),
    };
    return { [PAGE]: withParts(readFileSync(PAGE, 'utf8'), parts, PAGE) };
  },
};
