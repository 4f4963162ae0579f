import { z } from 'zod';
import { GROUPS, isMuscleGroup, SIDES, type GroupId, type Side } from '@/core/body';
import { aimedName } from '@/core/aims/words';
import { small } from '@/core/capital';
import type { Say } from '@/core/languages/as-written';
import { say as spoken } from '@/core/languages/spoken';
import type { AimKind } from '@/core/students/student';
import { anglesAt, cuesOf, rungOf, type Rung } from '@/core/poses';
import { schoolCues, SCHOOLS, speaksActive, type Schools } from '@/core/poses/schools';
import type { RankedPose } from '@/core/ranking/rank';
import { callBack } from './call-back';
import type { PracticeItem } from './practice';
import type { Voice } from './voice';

/**
 * What a teacher says in an item: drafted from the shape's own lines, the joint actions between its entry and the
 * student's depth, what the schools add, and what stretches or works; in her manner, and hers to change.
 */

export type CueRole =
  'like' | 'enter' | 'action' | 'keep' | 'press' | 'school' | 'feel' | 'breath' | 'deepen' | 'leave' | 'own';
export interface Cue {
  role: CueRole;
  words: string;
}

/** How an invitation begins, by what the line is for. What protects stays plain: keeping, and the breath. */
const INVITES: Readonly<Partial<Record<CueRole, string>>> = {
  enter: 'When you are ready,',
  action: 'If you like,',
  press: 'If it feels right,',
  school: 'As it suits you,',
  deepen: 'If there is room,',
  leave: 'Whenever you want to,',
};

/** A line in her manner. In another language an invitation stands before a sentence that is whole. */
const inManner = (role: CueRole, line: string, { manner }: Voice, say: Say): Cue => {
  const invite = manner === 'invitation' ? INVITES[role] : undefined;
  if (invite === undefined) return { role, words: line };
  const begins = say(invite);
  return { role, words: `${begins} ${begins === invite ? small(line) : line}` };
};

/** What a joint does, by the sign of its change; `{s}` stands for the side. */
const ACTIONS: Readonly<Record<string, readonly [more: string, less: string]>> = {
  hip_flexion: [
    'Bring {s} thigh and the trunk closer together.',
    'Let the front of {s} hip open, the thigh moving back.',
  ],
  hip_adduction: ['Bring {s} thigh across, towards the middle.', 'Let {s} thigh go out to the side.'],
  hip_rotation: ['Turn {s} thigh inward.', 'Turn {s} thigh outward.'],
  knee_flexion: ['Bend {s} knee.', 'Lengthen {s} knee, as straight as is easy.'],
  ankle_dorsiflexion: ['Draw the toes of {s} foot towards the shin.', 'Point {s} foot.'],
};
/** Change from entry to the depth reached from which a joint action is worth a line, degrees. Ours. */
const WORTH_A_LINE = 18;
/** Joint actions that are said at most. */
const MOST_ACTIONS = 2;

/** The joint actions of a rung up to a depth, greatest first: the side that moves, or both where they do the same. */
export function jointActions(
  rung: Rung,
  worked: Side,
  depth: number,
): { coordinate: string; side: Side | 'both'; degrees: number }[] {
  const from = anglesAt(rung, worked, 0),
    to = anglesAt(rung, worked, depth);
  const out: { coordinate: string; side: Side | 'both'; degrees: number }[] = [];
  for (const coordinate of Object.keys(ACTIONS)) {
    const change = (s: Side) => to[`${coordinate}_${s}`] - from[`${coordinate}_${s}`];
    const [left, right] = [change('left'), change('right')];
    const alike = Math.sign(left) === Math.sign(right) && Math.abs(left - right) < WORTH_A_LINE / 2;
    if (alike) out.push({ coordinate, side: 'both', degrees: (left + right) / 2 });
    else for (const s of SIDES) out.push({ coordinate, side: s, degrees: change(s) });
  }
  const most = Math.max(...out.map((a) => Math.abs(a.degrees)));
  return out
    .filter((a) => Math.abs(a.degrees) >= Math.max(WORTH_A_LINE, most / 2))
    .sort((a, b) => Math.abs(b.degrees) - Math.abs(a.degrees) || (a.coordinate < b.coordinate ? -1 : 1))
    .slice(0, MOST_ACTIONS);
}

const actionWords = (a: ReturnType<typeof jointActions>[number], oneSided: boolean): string => {
  const words = ACTIONS[a.coordinate][a.degrees > 0 ? 0 : 1];
  if (a.side === 'both')
    return words
      .replace('{s} thigh', 'both thighs')
      .replace('{s} hip', 'both hips')
      .replace('{s} knee', 'both knees')
      .replace('{s} foot', 'both feet');
  return words.replace('{s}', oneSided ? `the ${a.side}` : 'the');
};

/** Share of the tolerance, and of the capacity, from which a muscle is named. */
const FELT = 0.55;
const WORKING = 0.25;
function feelWords(fit: RankedPose | undefined, sided: boolean, say: Say): string[] {
  if (!fit) return [];
  const most = (of: 'stretch' | 'load', from: number): { group: GroupId; side: Side } | null => {
    let best: { group: GroupId; side: Side } | null = null,
      top = from;
    for (const side of SIDES)
      for (const group of GROUPS) {
        const v = fit[of][side][group] ?? 0;
        if (isMuscleGroup(group) && v > top) {
          top = v;
          best = { group, side };
        }
      }
    return best;
  };
  const where = (kind: AimKind, { group, side }: { group: GroupId; side: Side }) => ({
    muscle: aimedName({ kind, group }, say),
    side: say(side),
  });
  const long = most('stretch', FELT),
    works = fit.beyondModel ? null : most('load', WORKING);
  return [
    ...(long
      ? [
          say(
            sided ? 'This lengthens the {{side}} {{muscle}}.' : 'This lengthens the {{muscle}}.',
            where('lengthen', long),
          ),
        ]
      : []),
    ...(works
      ? [
          say(
            sided ? 'The work is in the {{side}} {{muscle}}.' : 'The work is in the {{muscle}}.',
            where('strengthen', works),
          ),
        ]
      : []),
  ];
}

const BREATH: Readonly<Record<Rung['kind'], string>> = {
  stretch: 'Breathe in to grow long, breathe out to soften.',
  strength: 'Breathe out as you work; never hold the breath.',
  mobility: 'Out with the effort, in on the way back.',
  rest: 'Let the breath come by itself.',
};

export interface CueContext {
  voice: Voice;
  schools?: Schools;
  /** The item's pose as it fits the student; without it half the depth is taken and no muscle named. */
  fit?: RankedPose;
  /** What came before it in the practice. */
  before?: readonly PracticeItem[];
  /** The language it is said in; her own words stay as they are. */
  say?: Say;
}

/** The draft for an item; empty for a pose that is not here. */
export function draftCues(
  item: Pick<PracticeItem, 'pose' | 'rung' | 'side'>,
  { voice, schools = SCHOOLS, fit, before = [], say = spoken }: CueContext,
): Cue[] {
  const found = rungOf(item.pose, item.rung);
  if (!found) return [];
  const { shape, rung } = found;
  const worked: Side = item.side === 'left' ? 'left' : 'right';
  const out: Cue[] = [];
  // Already in the language, or empty.
  const put = (role: CueRole, line: string) => line && out.push(inManner(role, line, voice, say));
  const like = callBack(item, before, say);
  if (like) put('like', like);
  const { enter, keep, deepen, leave } = cuesOf(shape, rung);
  put('enter', say(enter));
  // What the shape says already in its own words is not said again.
  if (rung.kind !== 'rest')
    for (const a of jointActions(rung, worked, fit?.depth ?? 0.5))
      put('action', say(actionWords(a, item.side !== 'both')));
  put('keep', say(keep));
  if (speaksActive(rung, schools)) for (const i of rung.intents) put('press', say(i.words));
  for (const c of schoolCues(shape, rung, schools)) put('school', say(c.words));
  if (voice.anatomy) for (const words of feelWords(fit, item.side !== 'both', say)) put('feel', words);
  if (voice.breath) put('breath', say(BREATH[rung.kind]));
  if (rung.kind !== 'rest') put('deepen', say(deepen));
  put('leave', say(leave));
  return out;
}

/**
 * A teacher's own lines for a rung, kept for next time: what she wrote of left and right stands for the worked and the
 * other side.
 */
export const remembered = (lines: readonly string[], side: PracticeItem['side']): string[] =>
  side === 'both' ? [...lines] : lines.map((l) => swapped(l, side === 'left' ? LEFT_TO_SIGN : RIGHT_TO_SIGN));
/** Remembered lines said for a side. */
export const recalled = (lines: readonly string[], side: PracticeItem['side']): string[] =>
  lines.map((l) => {
    const worked = side === 'left' ? 'left' : 'right';
    return l.replaceAll('{worked}', worked).replaceAll('{other}', worked === 'left' ? 'right' : 'left');
  });
const LEFT_TO_SIGN = { left: '{worked}', right: '{other}' } as const;
const RIGHT_TO_SIGN = { right: '{worked}', left: '{other}' } as const;
const swapped = (line: string, to: Readonly<Record<Side, string>>): string =>
  line.replace(/\b(left|right)\b/g, (word) => to[word as Side]);

/**
 * What is said in an item: her words for it, else what she said last time, else the draft. Her own lines are said in
 * their order.
 */
export function cuesFor(
  item: Pick<PracticeItem, 'pose' | 'rung' | 'side' | 'cues'>,
  context: CueContext,
  book: Readonly<Record<string, readonly string[]>>,
): { cues: Cue[]; lines: string[]; from: 'item' | 'book' | 'draft' } {
  const remembers = book[cueKey(item)];
  const own = item.cues ?? (remembers && recalled(remembers, item.side));
  const cues = own ? own.map((words) => ({ role: 'own' as const, words })) : draftCues(item, context);
  return { cues, lines: cues.map((c) => c.words), from: item.cues ? 'item' : remembers ? 'book' : 'draft' };
}

/** The key of a rung in the book of cues. */
export const cueKey = (item: Pick<PracticeItem, 'pose' | 'rung'>): string => `${item.pose}/${item.rung}`;

/** Key under which a studio keeps the lines in her own words among its settings. */
export const CUES_SETTING = 'cues';
export const cueBookSchema = z.record(z.string().max(80), z.array(z.string().max(300)).max(12));
