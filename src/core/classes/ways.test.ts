import { describe, expect, it } from 'vitest';
import { screen } from '@/core/cautions/screen';
import { blocksOf } from '@/core/practice/blocks';
import type { PracticeItem } from '@/core/practice/practice';
import type { Hers, TableRow } from './table';
import { wayOf } from './ways';

const DAY = '2026-12-01';
const item = (pose: string, rung: number, side: PracticeItem['side'] = 'both'): PracticeItem => ({
  id: `${pose}-${side}`,
  ...{ pose, rung, side, phase: 'approach', holdSeconds: 30, breaths: 5, repeats: 1, because: [] },
});
const row = (items: PracticeItem[], hers: Partial<Hers> & Pick<Hers, 'pose' | 'rung' | 'sides'>): TableRow => ({
  block: blocksOf(items)[0],
  hers: [{ member: 'ilka', kind: 'same', ...hers }],
});
const fit = (side: PracticeItem['side']) => ({ side, depth: 0.5, props: [] });
const same = (i: PracticeItem, sides: PracticeItem['side'][] = [i.side]): TableRow =>
  row([i], { pose: i.pose, rung: i.rung, sides: sides.map(fit) });

describe('another way than the class', () => {
  const [lying, stood] = [item('resting-back', 2), item('mountain', 1)];
  const knee = screen([{ caution: 'knee-injury', side: 'left' }], DAY);

  it('is told of whom a caution sends round, and of nobody else', () => {
    expect(wayOf('ilka', knee, [same(lying), lying], [same(stood), stood])).toMatch(
      /Set the left foot down and come up on to the other knee/,
    );
    expect(wayOf('ilka', screen([], DAY), [same(lying), lying], [same(stood), stood])).toBe('');
    expect(wayOf('ilka', screen([{ caution: 'neck' }], DAY), [same(lying), lying], [same(stood), stood])).toBe('');
    // Somebody who is not in the table, and an item before there is one.
    expect(wayOf('bram', knee, [same(lying), lying], [same(stood), stood])).toBe('');
    expect(wayOf('ilka', knee, [undefined, undefined], [same(stood), stood])).toBe('');
  });

  it('goes to what she does instead, and to her own side', () => {
    const dog = item('dog', 1);
    const sits = row([dog], { kind: 'instead', pose: 'easy-seat', rung: 1, sides: [fit('both')] });
    expect(wayOf('ilka', knee, [same(stood), stood], [sits, dog])).toBe(
      'Step the right foot back and lower its knee. Then sit to one side and bring the legs round to the front.',
    );
    const lunge = item('low-lunge', 1, 'left');
    const oneSide = row([lunge], {
      ...{ pose: 'low-lunge', rung: 1, sides: [fit('right')] },
      oneSide: { only: 'right', meanwhile: { pose: 'chair-rest', rung: 1, sides: [fit('both')] } },
    });
    // While the class is on the side that is closed to her she comes down to a chair, from the floor.
    expect(wayOf('ilka', knee, [same(lying), lying], [oneSide, lunge])).toMatch(/sit down on the chair\.$/);
    const right = item('low-lunge', 1, 'right');
    expect(wayOf('ilka', knee, [same(lying), lying], [oneSide, right])).toMatch(/come up on to the other knee\.$/);
  });

  it('says nothing of whom waits', () => {
    const waits = row([stood], { kind: 'waits', pose: null, rung: 0, sides: [] });
    expect(wayOf('ilka', knee, [same(lying), lying], [waits, stood])).toBe('');
  });
});
