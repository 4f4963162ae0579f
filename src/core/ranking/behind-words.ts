import { say } from '@/core/languages/spoken';
import { aimedName } from '@/core/aims/words';
import { shapeById } from '@/core/poses';
import type { Aim } from '@/core/students/student';
import type { Behind, Less, Nothing } from './behind';
import type { CostId, RankedPose } from './rank';

/** What a cost is for, as it stands in a sentence. */
export const COST_WORDS: Readonly<Record<CostId, string>> = {
  knee: 'the knee',
  lowBack: 'the low back',
  hipFront: 'the front of the hip',
  instep: 'the instep',
  hanging: 'hard work at full length',
  effort: 'a demanding shape for what is reached',
  offAim: 'stretch elsewhere than aimed at',
  leaveAlone: 'stretch where it is to be left alone',
  loose: 'done as its own warning tells not to',
  beyond: 'out of reach today',
};

const hundred = (share: number): number => Math.round(share * 100);
const aimed = (a: Aim): string => `${say(a.kind)} ${aimedName(a)} ${say(a.side)}`;
const nameOf = (p: RankedPose): string => {
  const shape = shapeById(p.pose);
  return shape ? `${say(shape.name)}, ${say(shape.rungs[p.rung - 1].name)}` : p.pose;
};
const OF = { stretch: 'of the tolerance', load: 'of what the muscle can do' } as const;

function lessWords(l: Less): string {
  if (l.of === 'cost')
    return say('it costs {{count}} more ({{cost}})', { count: hundred(l.less), cost: say(COST_WORDS[l.cost]) });
  return say('it gives {{hundred}} less to “{{aimed}}” ({{hundred2}} of 100 {{kind}}, the first {{hundred3}})', {
    hundred: hundred(l.less),
    aimed: aimed(l.aim),
    hundred2: hundred(l.own),
    kind: say(OF[l.kind]),
    hundred3: hundred(l.first),
  });
}

function nothingWords(n: Nothing): string {
  const aim = `“${aimed(n.aim)}”`;
  if (n.why === 'rest') return say('It gives nothing to {{aim}}: it is there for rest.', { aim });
  if (n.why === 'not-strength')
    return say('It gives nothing to {{aim}}: it works there, but is not held to strengthen.', { aim });
  return n.kind === 'stretch'
    ? say(
        'It gives nothing to {{aim}}: it takes it to {{hundred}} of 100 of the tolerance, and is felt from {{hundred2}}.',
        { aim, hundred: hundred(n.value), hundred2: hundred(n.from) },
      )
    : say(
        'It gives nothing to {{aim}}: it asks for {{hundred}} of 100 of what the muscle can do, and strengthens from {{hundred2}}.',
        { aim, hundred: hundred(n.value), hundred2: hundred(n.from) },
      );
}

/** Most reasons that are told at once. */
const MOST = 3;

/** Why a pose stands where it stands, in plain sentences; the most telling first. */
export function behindSentences(b: Behind): string[] {
  if (b.closed.length > 0) return [say('Closed by {{closed}}.', { closed: b.closed.join(', ') })];
  const rung = b.rung
    ? [
        say('Of its own rungs “{{what}}” stands higher.', {
          what: say(shapeById(b.rung.pose)?.rungs[b.rung.rung - 1].name ?? ''),
        }),
      ]
    : [];
  const nothing = b.nothing.slice(0, MOST).map(nothingWords);
  // Counted before the list is cut short.
  const idle = b.nothing.length === b.aims;
  if (!b.ranked)
    return [
      idle ? say('It is not among the ranked.') : say('It is not among the ranked: what it costs takes what it gives.'),
      ...(idle ? [] : lessOf(b)),
      ...nothing,
      ...rung,
    ];
  const place = b.first
    ? say('It is number {{what}} of {{of}} shapes.', { what: b.place ?? 0, of: b.of })
    : say('Nothing stands above it, of {{count}} shapes.', { count: b.of });
  return [place, ...lessOf(b), ...rung, ...nothing];
}

const lessOf = ({ first, less }: Behind): string[] =>
  first && less.length > 0
    ? [
        say('Behind {{name}}, which stands first: {{less}}.', {
          name: nameOf(first),
          less: less.slice(0, MOST).map(lessWords).join('; '),
        }),
      ]
    : [];
