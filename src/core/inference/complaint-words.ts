import { listing } from '@/core/languages/listing';
import { say } from '@/core/languages/spoken';
import { capital } from '@/core/capital';
import { testById } from '@/core/assessment/battery';
import { PLACE_WORDS } from '@/core/students/words';
import type { AtComplaint } from './at-complaint';
import { hintWords } from './hint-words';
import { bandWords, movedWords, stoppedBy } from './words';

const nameOf = (test: string): string => `“${say(testById(test)?.name ?? test)}”`;
const listed = listing('en', { type: 'conjunction' });

/** Where it bothers her: "back of the thigh, left". */
export const complaintTitle = ({ complaint: { place, side } }: AtComplaint): string =>
  `${say(PLACE_WORDS[place])}, ${side === 'both' ? say('both sides') : say(side)}`;

/** What was found there, in one or two short sentences; what was not tested is said, and never a cause. */
export function complaintFound({ limited, weak, low, hints, read, open, pained }: AtComplaint): string {
  // What points past the muscle is told before any muscle.
  const [sign] = hints;
  if (sign) return say('{{title}}: look at that first.', { title: hintWords(sign).title });
  if (pained.length > 0)
    return say('{{name}} ended in pain there. That says nothing about length, and no stretch follows from it.', {
      name: nameOf(pained[0]),
    });
  const [m] = limited;
  if (m) {
    const by = stoppedBy(m) ?? say('by what is not clear yet');
    return say('{{capital}} on the {{side}} is {{band}}: limited {{by}}.', {
      capital: capital(movedWords(m)),
      side: say(m.side),
      band: bandWords(m.band),
      by,
    });
  }
  const [s] = weak;
  if (s)
    return say('{{name}} reads weak{{what}}; nothing there is short.', {
      name: nameOf(s.test),
      what: s.side === 'both' ? '' : say(' on the {{side}}', { side: say(s.side) }),
    });
  if (low.length > 0) return say('{{name}} reads less than typical.', { name: nameOf(low[0]) });
  if (read.length === 0)
    return say('Nothing is measured there yet. {{what}}', {
      what:
        open.length > 0
          ? say('{{listed}} would look there.', { listed: listed.format(open.slice(0, 2).map(nameOf)) })
          : '',
    }).trim();
  const looked =
    read.length === 1
      ? say('Nothing short or weak in the one test that looks there.')
      : say('Nothing short or weak in the {{count}} tests that look there.', { count: read.length });
  return open.length > 0
    ? say('{{looked}} Not tested yet: {{listed}}.', { looked, listed: listed.format(open.slice(0, 2).map(nameOf)) })
    : looked;
}
