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
const aimed = (a: Aim): string => `${a.kind} ${aimedName(a)} ${a.side}`;
const nameOf = (p: RankedPose): string => {
  const shape = shapeById(p.pose);
  return shape ? `${shape.name}, ${shape.rungs[p.rung - 1].name}` : p.pose;
};
const OF = { stretch: 'of the tolerance', load: 'of what the muscle can do' } as const;

function lessWords(l: Less): string {
  if (l.of === 'cost') return `it costs ${hundred(l.less)} more (${COST_WORDS[l.cost]})`;
  return `it gives ${hundred(l.less)} less to “${aimed(l.aim)}” (${hundred(l.own)} of 100 ${OF[l.kind]}, the first ${hundred(l.first)})`;
}

function nothingWords(n: Nothing): string {
  const aim = `“${aimed(n.aim)}”`;
  if (n.why === 'rest') return `It gives nothing to ${aim}: it is there for rest.`;
  if (n.why === 'not-strength') return `It gives nothing to ${aim}: it works there, but is not held to strengthen.`;
  return n.kind === 'stretch'
    ? `It gives nothing to ${aim}: it takes it to ${hundred(n.value)} of 100 of the tolerance, and is felt from ${hundred(n.from)}.`
    : `It gives nothing to ${aim}: it asks for ${hundred(n.value)} of 100 of what the muscle can do, and strengthens from ${hundred(n.from)}.`;
}

/** Most reasons that are told at once. */
const MOST = 3;

/** Why a pose stands where it stands, in plain sentences; the most telling first. */
export function behindSentences(b: Behind): string[] {
  if (b.closed.length > 0) return [`Closed by ${b.closed.join(', ')}.`];
  const rung = b.rung
    ? [`Of its own rungs “${shapeById(b.rung.pose)?.rungs[b.rung.rung - 1].name ?? ''}” stands higher.`]
    : [];
  const nothing = b.nothing.slice(0, MOST).map(nothingWords);
  // Counted before the list is cut short.
  const idle = b.nothing.length === b.aims;
  if (!b.ranked)
    return [
      idle ? 'It is not among the ranked.' : 'It is not among the ranked: what it costs takes what it gives.',
      ...(idle ? [] : lessOf(b)),
      ...nothing,
      ...rung,
    ];
  const place = b.first
    ? `It is number ${b.place ?? 0} of ${b.of} shapes.`
    : `Nothing stands above it, of ${b.of} shapes.`;
  return [place, ...lessOf(b), ...rung, ...nothing];
}

const lessOf = ({ first, less }: Behind): string[] =>
  first && less.length > 0
    ? [`Behind ${nameOf(first)}, which stands first: ${less.slice(0, MOST).map(lessWords).join('; ')}.`]
    : [];
