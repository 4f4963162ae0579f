import { capital } from '@/core/capital';
import { testById } from '@/core/assessment/battery';
import { PLACE_WORDS } from '@/core/students/words';
import type { AtComplaint } from './at-complaint';
import { hintWords } from './hint-words';
import { bandWords, movedWords, stoppedBy } from './words';
import { plural } from '@/core/plural';

const nameOf = (test: string): string => `“${testById(test)?.name ?? test}”`;
const listed = new Intl.ListFormat('en', { type: 'conjunction' });

/** Where it bothers her: "back of the thigh, left". */
export const complaintTitle = ({ complaint: { place, side } }: AtComplaint): string =>
  `${PLACE_WORDS[place]}, ${side === 'both' ? 'both sides' : side}`;

/** What was found there, in one or two short sentences; what was not tested is said, and never a cause. */
export function complaintFound({ limited, weak, low, hints, read, open, pained }: AtComplaint): string {
  // What points past the muscle is told before any muscle.
  const [sign] = hints;
  if (sign) return `${hintWords(sign).title}: look at that first.`;
  if (pained.length > 0)
    return `${nameOf(pained[0])} ended in pain there. That says nothing about length, and no stretch follows from it.`;
  const [m] = limited;
  if (m) {
    const by = stoppedBy(m) ?? 'by what is not clear yet';
    return `${capital(movedWords(m))} on the ${m.side} is ${bandWords(m.band)}: limited ${by}.`;
  }
  const [s] = weak;
  if (s) return `${nameOf(s.test)} reads weak${s.side === 'both' ? '' : ` on the ${s.side}`}; nothing there is short.`;
  if (low.length > 0) return `${nameOf(low[0])} reads less than typical.`;
  if (read.length === 0)
    return `Nothing is measured there yet. ${open.length > 0 ? `${listed.format(open.slice(0, 2).map(nameOf))} would look there.` : ''}`.trim();
  const looked = `Nothing short or weak in ${read.length === 1 ? 'the one test' : `the ${read.length} tests`} that look${plural(read.length, 's', '')} there.`;
  return open.length > 0 ? `${looked} Not tested yet: ${listed.format(open.slice(0, 2).map(nameOf))}.` : looked;
}
