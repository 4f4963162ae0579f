import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { buildOf, ELEMENTS, type GroupId, type Side } from '@/core/body';
import { screen } from '@/core/cautions/screen';
import { DIMENSIONS, ELEMENT_COUNT, type Posterior } from '@/core/limits';
import type { Aim } from '@/core/people/student';
import { rungOf } from '@/core/poses';
import { rankPoses, type RankedPose } from '@/core/ranking/rank';
import { aimKey, buildPractice, dosesOf, servedBy } from './build';
import { lengthenItem, missingSides, moveItem, removeItem, swapItem } from './edit';
import {
  itemSchema,
  PHASES,
  practiceSchema,
  totalSeconds,
  TRANSITION,
  transitionBefore,
  type PracticeItem,
} from './practice';

const BUILD = buildOf({ height_cm: 172, mass_kg: 65 });

const aim = (kind: Aim['kind'], group: GroupId, side: Side, weight = 1): Aim => ({ kind, group, side, weight });
const aims = [
  aim('lengthen', 'hamstrings', 'left', 0.9),
  aim('lengthen', 'deep-hip-flexor', 'left', 0.6),
  aim('strengthen', 'gluteus-maximus', 'left', 0.4),
];
function ranked(list: readonly Aim[], caution?: string, short: Partial<Record<GroupId, number>> = {}): RankedPose[] {
  const mean = new Float32Array(DIMENSIONS);
  ELEMENTS.forEach((e, g) => {
    mean[g] = short[e.group] ?? 0;
    mean[ELEMENT_COUNT + g] = short[e.group] ?? 0;
  });
  const p: Posterior = { mean, draws: mean, drawCount: 1 };
  return rankPoses(p, BUILD, list, screen(caution ? [{ caution }] : []));
}
const poses = ranked(aims);
const build = (minutes: number, breathSeconds = 6) => buildPractice(poses, aims, { minutes, breathSeconds });

describe('a built practice', () => {
  it.each([5, 10, 20, 30, 45, 60, 90])('of %i minutes fits its minutes to 5 %%', (minutes) => {
    const { items } = build(minutes);
    // Long ones run out of useful poses: they may stay shorter, never longer.
    expect(totalSeconds(items)).toBeLessThanOrEqual(minutes * 60 * 1.05 + 6);
    if (minutes <= 30) expect(totalSeconds(items)).toBeGreaterThan(minutes * 60 * 0.93);
  });
  it('settles first and rests last', () => {
    const { items } = build(20);
    expect(items[0]).toMatchObject({ pose: 'resting-back', phase: 'settle' });
    expect(items.at(-1)).toMatchObject({ pose: 'resting-back', phase: 'rest' });
    expect(items.at(-1)?.holdSeconds).toBeGreaterThanOrEqual(60);
  });
  it('does both sides of everything, one after the other, with the same hold', () => {
    const { items } = build(30);
    expect(missingSides(items)).toEqual([]);
    items.forEach((item, i) => {
      if (item.side !== 'right') return;
      expect(items[i + 1]).toMatchObject({ pose: item.pose, rung: item.rung, side: 'left', breaths: item.breaths });
    });
  });
  it('goes through the phases in their order', () => {
    const phases = build(30).items.map((i) => PHASES.indexOf(i.phase));
    expect(phases).toEqual([...phases].sort((a, b) => a - b));
  });
  it('holds in whole breaths of the student, within the bounds of the rung', () => {
    for (const breath of [4, 6, 8.5]) {
      for (const item of build(25, breath).items) {
        expect(item.holdSeconds).toBeCloseTo(item.breaths * breath, 6);
        expect(itemSchema.safeParse(item).success).toBe(true);
        const hold = rungOf(item.pose, item.rung)?.rung.hold;
        if (hold && item.phase !== 'settle') expect(item.holdSeconds).toBeLessThanOrEqual(hold[1] + breath);
      }
    }
  });
  it('serves every aim and counts its dose from the items', () => {
    const built = build(30);
    for (const d of built.doses) expect(d.minutes).toBeGreaterThan(0.4);
    expect(dosesOf(built.items, aims, poses).map((d) => d.minutes.toFixed(6))).toEqual(
      built.doses.map((d) => d.minutes.toFixed(6)),
    );
  });
  it('gives the heavier aim the larger wanted share, never above four minutes', () => {
    const { doses } = build(60);
    expect(doses[0].wanted).toBeGreaterThanOrEqual(doses[2].wanted);
    for (const d of doses) expect(d.wanted).toBeLessThanOrEqual(4);
  });
  it('has an objective below a bound that holds for every practice of that length', () => {
    for (const minutes of [10, 20, 40]) {
      const b = build(minutes);
      expect(b.objective).toBeGreaterThan(0);
      expect(b.objective).toBeLessThanOrEqual(b.bound + 1e-9);
      expect(b.gap).toBeGreaterThanOrEqual(0);
    }
  });
  it('is the same for the same wish', () => expect(build(20)).toEqual(build(20)));
  it('says which aims an item is there for, and only when it serves them well', () => {
    for (const item of build(30).items)
      for (const key of item.because) {
        expect(aims.map(aimKey)).toContain(key);
        const r = poses.find((p) => p.pose === item.pose && p.rung === item.rung && p.side === item.side);
        expect(r && servedBy(r, aims)).toContain(key);
      }
  });
});

describe('cautions', () => {
  it.each(['knee-injury', 'sciatic', 'groin-pinch', 'pregnancy-late', 'very-mobile'])(
    '%s: nothing forbidden is built in',
    (caution) => {
      const list = ranked(aims, caution);
      for (const item of buildPractice(list, aims, { minutes: 25, breathSeconds: 6 }).items) {
        const r = list.find((p) => p.pose === item.pose && p.rung === item.rung);
        expect(r?.cautions).toEqual([]);
      }
    },
  );
  it('nothing is built where everything is forbidden', () => {
    const list = ranked(aims, 'hot-calf');
    expect(buildPractice(list, aims, { minutes: 20, breathSeconds: 6 }).items).toEqual([]);
  });
  it('a rung that is out of reach is never taken', () => {
    const stiff = ranked(aims, undefined, { hamstrings: -4 });
    for (const item of buildPractice(stiff, aims, { minutes: 30, breathSeconds: 6 }).items)
      expect(stiff.find((p) => p.pose === item.pose && p.rung === item.rung)?.beyondEntry).toBe(false);
  });
});

describe('an aim that cannot be met', () => {
  it('is named, not passed over', () => {
    const list = [...aims, aim('strengthen', 'instep', 'left', 0.5)];
    expect(buildPractice(ranked(list), list, { minutes: 20, breathSeconds: 6 }).missing).toEqual([{ aim: list[3] }]);
  });
});

describe('changing by hand', () => {
  const { items } = build(20);
  const ids = (list: readonly PracticeItem[]) => list.map((i) => i.id);
  it('moves an item and keeps all others in their order', () => {
    fc.assert(
      fc.property(fc.nat(items.length - 1), fc.integer({ min: -3, max: items.length + 3 }), (from, to) => {
        const moved = moveItem(items, from, to);
        expect([...ids(moved)].sort()).toEqual([...ids(items)].sort());
        const rest = ids(items).filter((id) => id !== items[from].id);
        expect(ids(moved).filter((id) => id !== items[from].id)).toEqual(rest);
        expect(ids(moved).indexOf(items[from].id)).toBe(Math.max(0, Math.min(items.length - 1, to)));
      }),
    );
  });
  it('lengthens and shortens by breaths, never below one or above half an hour', () => {
    const first = items[1];
    const hold = (list: PracticeItem[]) => list.find((i) => i.id === first.id);
    expect(hold(lengthenItem(items, first.id, 2, 6))?.breaths).toBe(first.breaths + 2);
    expect(hold(lengthenItem(items, first.id, -99, 6))?.breaths).toBe(1);
    expect(hold(lengthenItem(items, first.id, 9999, 6))?.holdSeconds).toBeLessThanOrEqual(1800);
  });
  it('removes and swaps one item only', () => {
    expect(removeItem(items, items[2].id)).toHaveLength(items.length - 1);
    const swapped = swapItem(items, items[2].id, { id: 'new', pose: 'bridge', rung: 1, side: 'both', because: [] });
    expect(swapped[2]).toMatchObject({ id: 'new', pose: 'bridge', holdSeconds: items[2].holdSeconds });
    expect(ids(swapped).filter((id) => id !== 'new')).toEqual(ids(items).filter((id) => id !== items[2].id));
  });
  it('sees a forgotten side', () => {
    const sided = items.find((i) => i.side === 'left');
    if (!sided) throw new Error('nothing sided');
    expect(missingSides(removeItem(items, sided.id))).toEqual([
      { pose: sided.pose, rung: sided.rung, missing: 'left' },
    ]);
  });
});

describe('time', () => {
  const item = (pose: string, side: PracticeItem['side']): PracticeItem => ({
    id: pose + side,
    pose,
    rung: 1,
    side,
    holdSeconds: 30,
    breaths: 5,
    repeats: 1,
    phase: 'warm',
    because: [],
  });
  it('counts the way between shapes, less between sides', () => {
    const list = [item('bridge', 'both'), item('pigeon', 'right'), item('pigeon', 'left')];
    expect(transitionBefore(list, 0)).toBe(0);
    expect(transitionBefore(list, 1)).toBe(TRANSITION.shape);
    expect(transitionBefore(list, 2)).toBe(TRANSITION.side);
    expect(totalSeconds(list)).toBe(90 + TRANSITION.shape + TRANSITION.side);
  });
  it('a practice keeps its shape', () => {
    const practice = {
      id: 'p',
      student: 's',
      title: 't',
      minutes: 20,
      items: build(20).items,
      aims,
      createdAt: '2026-01-01T00:00:00.000Z',
      updatedAt: '2026-01-01T00:00:00.000Z',
    };
    expect(practiceSchema.safeParse(practice).success).toBe(true);
    expect(practiceSchema.safeParse({ ...practice, minutes: 0 }).success).toBe(false);
  });
});
