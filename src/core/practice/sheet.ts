import type { Say } from '@/core/languages/as-written';
import { say as spoken } from '@/core/languages/spoken';
import { blocksOf, roundSpan } from './blocks';
import type { Pace } from './pace';
import type { Shut } from './passing';
import type { PracticeItem } from './practice';
import { salutationOf } from './salutations';
import { taughtSteps } from './taught-order';
import { setSeconds } from './timing';
import { wayTo } from './transitions';

export { clock } from './clock';

/** A line of a printed practice: the sides of a rung that follow each other stand in one. */
export interface SheetRow {
  pose: string;
  rung: number;
  phase: PracticeItem['phase'];
  /** In the order in which they are done. */
  sides: { side: PracticeItem['side']; breaths: number; repeats: number; seconds: number }[];
  /** Its place in a round, from 1, how many shapes that has, and the name of the salutation that it is. */
  round?: { place: number; of: number; name?: string };
  /** How often it is gone through, or its round is. */
  sets: number;
  /** How one comes to it from what is taught before it; "" where the body stays as it is. */
  way: string;
  /** Seconds from the beginning of the practice. */
  at: number;
  note?: string;
}

/**
 * Lines of a practice with their beginning on the clock.
 * @param how the language, and what cautions shut on the ways between (`shutBy`)
 */
export function sheetRows(
  items: readonly PracticeItem[],
  pace: Pace = 'usual',
  how: { say?: Say; shut?: Shut } = {},
): SheetRow[] {
  const steps = taughtSteps(items);
  const taught = steps.map((s) => s.taught);
  const blocks = blocksOf(items, pace);
  return blocks.map(({ pose, rung, phase, at, round, sets, items: own }, k) => {
    const note = own.flatMap((i) => i.note ?? []).join(' ');
    const [from, to] = roundSpan(blocks, k);
    const name = salutationOf(own[0]);
    return {
      pose,
      rung,
      phase,
      at,
      sets,
      sides: own.map((i) => ({ side: i.side, breaths: i.breaths, repeats: i.repeats, seconds: setSeconds(i) })),
      ...(round !== undefined &&
        to > from && { round: { place: k - from + 1, of: to - from + 1, ...(name !== null && { name }) } }),
      way: wayTo(
        taught,
        steps.findIndex((s) => s.of === own[0]),
        how,
      ),
      ...(note && { note }),
    };
  });
}

/**
 * How long each side is held, in words: "5 breaths", "2 breaths, 10 times", "2 sets: 2 breaths, 10 times", "right 5,
 * left 8 breaths".
 */
export function holdWords(row: Pick<SheetRow, 'sides' | 'sets' | 'round'>, say: Say = spoken): string {
  const hold = onceWords(row, say);
  // A round is gone through again as a whole: that is said of the round.
  return row.sets > 1 && !row.round ? say('{{sets}} sets: {{hold}}', { sets: row.sets, hold }) : hold;
}

function onceWords({ sides }: Pick<SheetRow, 'sides'>, say: Say): string {
  const [{ breaths, repeats }] = sides;
  const alike = sides.every((s) => s.breaths === breaths && s.repeats === repeats);
  const each = () => sides.map((s) => say('{{side}} {{count}}', { side: say(s.side), count: s.breaths })).join(', ');
  const hold = alike ? say('{{count}} breaths', { count: breaths }) : say('{{each}} breaths', { each: each() });
  return repeats > 1 ? say('{{hold}}, {{times}} times', { hold, times: repeats }) : hold;
}

/**
 * Which sides, in words: "right, then left", or "" where both work at once; in a round how many shapes a side is gone
 * through.
 */
export function sidesWords(row: Pick<SheetRow, 'sides' | 'sets' | 'round'>, say: Say = spoken): string {
  const sides = row.sides
    .filter((s) => s.side !== 'both')
    .map((s) => say(s.side))
    .reduce((first, second) => (first ? say('{{first}}, then {{second}}', { first, second }) : second), '');
  if (!row.round) return sides;
  return [roundWords(row.round, row.sets, say), sides].filter(Boolean).join(': ');
}

function roundWords({ place, of, name }: NonNullable<SheetRow['round']>, sets: number, say: Say): string {
  const named = say(name ?? 'round');
  if (place > 1) return say('{{round}}, {{place}} of {{of}}', { round: named, place, of });
  const round =
    name === undefined ? say('round of {{of}}', { of }) : say('{{round}}, {{of}} poses', { round: named, of });
  return sets > 1 ? say('{{round}}, {{sets}} times through', { round, sets }) : round;
}
