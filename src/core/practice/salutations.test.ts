import { describe, expect, it } from 'vitest';
import { rungOf, shapeById } from '@/core/poses';
import { blocksOf } from './blocks';
import type { BuiltPractice } from './build';
import { customsBroken } from './customs-kept';
import { practiceOfLines, readSequence, settledOf } from './pasted';
import { posesLeftOf, salute } from './salute';
import { NO_LIKES } from './likes';
import { itemSchema, PHASES, totalSeconds, transitionBefore } from './practice';
import { AIMS, build, POSES, ranked } from './practices.fixtures';
import { SALUTATIONS, salutationNamed } from './salutations';
import { requestOf, type PracticeRequest } from './request';
import { takeRoundApart } from './rounds';
import { sheetRows, sidesWords } from './sheet';
import { taughtOrder } from './taught-order';
import { warningsOf } from './warnings';

let n = 0;
const fit = (text: string, poses = POSES) =>
  practiceOfLines(
    readSequence(text).map((line) => settledOf(line)),
    poses,
    AIMS,
    6,
    () => `s-${n++}`,
  );
const order = (text: string) =>
  taughtOrder(fit(text).items).map((i) => `${i.pose} ${i.side === 'both' ? '' : i.side}`.trim());

describe('salutations', () => {
  it.each([
    ['Sun salutation A', 'sun-a'],
    ['sun salutations', 'sun-a'],
    ['Surya Namaskara B', 'sun-b'],
    ['sun sal B', 'sun-b'],
    ['Half sun salutation', 'half-sun'],
    ['ardha surya namaskar', 'half-sun'],
    ['classical sun salutaton', 'sun-c'],
    ['Half moon', null],
    ['sun bird', null],
    ['A', null],
    ['', null],
  ])('%j is %s', (name, id) => {
    expect(salutationNamed(name)?.id ?? null).toBe(id);
  });
  it('name shapes, forms and sides that there are, and end where they began', () => {
    for (const s of SALUTATIONS) {
      for (const step of s.steps) {
        const sided = POSES.some((r) => r.pose === step.pose && r.rung === step.rungs[0] && r.side !== 'both');
        expect(shapeById(step.pose), step.pose).not.toBeNull();
        for (const rung of step.rungs) expect(rungOf(step.pose, rung), `${step.pose} ${rung}`).not.toBeNull();
        expect(step.side !== undefined, step.pose).toBe(sided);
      }
      expect(s.steps.at(-1)?.pose).toBe('mountain');
      // Each side as often as the other.
      expect(s.steps.filter((x) => x.side === 'left')).toHaveLength(s.steps.filter((x) => x.side === 'right').length);
    }
  });
  it('are gone through as often as was written, their shapes in order, a breath each', () => {
    const { items, changes } = fit('Sun salutation A x 3');
    expect(changes).toEqual([]);
    expect(items.map((i) => i.pose)).toEqual(salutationNamed('sun salutation a')?.steps.map((s) => s.pose));
    expect(new Set(items.map((i) => `${i.round} ${i.sets} ${i.phase}`)).size).toBe(1);
    for (const item of items) expect(itemSchema.parse(item)).toEqual(item);
    const taught = taughtOrder(items);
    expect(taught).toHaveLength(3 * items.length);
    expect(taught.slice(0, items.length).map((i) => i.pose)).toEqual(items.map((i) => i.pose));
    expect(new Set(taught.map((i) => i.id)).size).toBe(taught.length);
    // One breath, one movement: only what is stayed in takes a way, and the beginning of each time through.
    const ways = taught.map((_, i) => transitionBefore(taught, i));
    expect(ways.filter((w) => w > 0)).toHaveLength(3 + 2);
    expect(totalSeconds(items)).toBe(3 * (7 * 6 + 6 + 5 * 6) + ways.reduce((a, b) => a + b, 0));
    const rows = sheetRows(items);
    expect(sidesWords(rows[0])).toBe('Sun salutation A, 9 poses, 3 times through');
    expect(sidesWords(rows[1])).toBe('Sun salutation A, 2 of 9');
    expect(blocksOf(items).every((b) => b.spans.length === 3)).toBe(true);
  });
  it('break no rule: what a breath passes through prepares itself', () => {
    const { items } = fit('Child’s pose 2 min\nSun salutation A x 3\nCorpse pose 5 min');
    const kinds = warningsOf(items, POSES, requestOf({ minutes: 11 })).map((w) => w.kind);
    expect(kinds).not.toContain('unprepared');
  });
  it.each([
    ['5 sun salutations', 5],
    ['Sun salutation B, 2 rounds', 2],
    ['half sun salutation', undefined],
    ['3 x Surya Namaskar', 3],
  ])('%j is %s times', (text, sets) => {
    expect(new Set(fit(text).items.map((i) => i.sets))).toEqual(new Set([sets]));
  });
  it('with sides go right, then left, as they stand', () => {
    const steps = order('Sun salutation C');
    expect(steps.filter((s) => s.startsWith('low-lunge'))).toEqual([
      'low-lunge right',
      'low-lunge right',
      'low-lunge left',
      'low-lunge left',
    ]);
    expect(steps).toEqual(salutationNamed('Sun salutation C')?.steps.map((s) => `${s.pose} ${s.side ?? ''}`.trim()));
  });
  it('stand among other poses, each a round of its own', () => {
    const { items } = fit('Child’s pose 2 min\nSun salutation A x 2\nSun salutation B\nPigeon\nCorpse pose');
    expect(new Set(items.flatMap((i) => i.round ?? []))).toEqual(new Set([1, 2]));
    expect(items[0].pose).toBe('childs');
    expect(items.at(-1)?.pose).toBe('resting-back');
  });
  it('lose what a caution closes, told; where too little is left, the whole', () => {
    const late = ranked(AIMS, 'pregnancy-late');
    const { items, changes } = fit('Sun salutation A x 3', late);
    const closed = (pose: string) => late.some((r) => r.pose === pose && r.rung === 1 && r.cautions.length > 0);
    expect(changes.length).toBeGreaterThan(0);
    for (const c of changes) expect(c).toMatchObject({ to: null, why: 'caution' });
    for (const i of items) expect(late.find((r) => r.pose === i.pose && r.rung === i.rung)?.cautions ?? []).toEqual([]);
    expect(closed('cobra')).toBe(true);
    const known = salutationNamed('Sun salutation A');
    if (!known) throw new Error('No salutation.');
    expect(new Set(items.map((i) => i.id)).size).toBe(posesLeftOf(known, late));
    expect(posesLeftOf(known, POSES)).toBe(known.steps.length);
    expect(posesLeftOf(known, [])).toBe(0);
  });
});

describe('a practice that is built', () => {
  const ofSalutation = (b: BuiltPractice) => b.items.filter((i) => i.salutation !== undefined);
  it('flows in with sun salutations, once for every twelve minutes, before anything else that stands', async () => {
    const b = await build(30, { style: 'flow' });
    const own = ofSalutation(b);
    expect(own.map((i) => i.pose)).toEqual(salutationNamed('sun salutation a')?.steps.map((s) => s.pose));
    expect(new Set(own.map((i) => `${i.salutation} ${i.sets} ${i.round}`))).toEqual(
      new Set([`sun-a 3 ${own[0].round}`]),
    );
    // One after the other, and nobody else in their round.
    const at = b.items.indexOf(own[0]);
    expect(b.items.slice(at, at + own.length)).toEqual(own);
    expect(b.items.filter((i) => i.round === own[0].round)).toEqual(own);
    for (const i of b.items.slice(0, at)) expect(shapeById(i.pose)?.position, i.pose).not.toBe('standing');
    for (const i of own) expect(itemSchema.parse(i)).toEqual(i);
    expect(Math.abs(totalSeconds(b.items) / 60 / 30 - 1)).toBeLessThanOrEqual(0.02);
    expect(customsBroken(b.items, POSES, AIMS, requestOf({ minutes: 30, style: 'flow' }))).toEqual([]);
    expect(b.items.map((i) => PHASES.indexOf(i.phase))).toEqual(b.items.map((i) => PHASES.indexOf(i.phase)).sort());
    expect(warningsOf(b.items, POSES, requestOf({ minutes: 30, style: 'flow' }))).toEqual([]);
  });
  it('has none in another style, on a chair, on the way to a peak, or where none is wanted', async () => {
    expect(ofSalutation(await build(20))).toEqual([]);
    expect(ofSalutation(await build(30, { style: 'flow', salutation: 'none' }))).toEqual([]);
    const bare = (more: Partial<PracticeRequest>) =>
      salute(requestOf({ minutes: 30, style: 'flow', ...more }), POSES, () => true);
    for (const more of [{ place: 'chair' as const }, { peak: 'pigeon' }, { minutes: 10 }])
      expect(bare(more)).toEqual([]);
    expect(bare({}).length).toBeGreaterThan(0);
  });
  it('has the one that is asked for in any style, and says where it is not open', async () => {
    const b = await build(30, { salutation: 'sun-b' });
    expect(ofSalutation(b)[0]).toMatchObject({ salutation: 'sun-b', sets: 3 });
    expect(b.unsaluted).toBeNull();
    expect(Math.abs(totalSeconds(b.items) / 60 / 30 - 1)).toBeLessThanOrEqual(0.02);
    const sore = await build(30, { salutation: 'sun-b', avoid: ['wrists', 'head-down'] });
    expect(ofSalutation(sore)).toEqual([]);
    expect(sore.unsaluted).toBe('sun-b');
    expect(sore.items.length).toBeGreaterThan(5);
  });
  it('closes what a caution closes: half of one, or none, for whoever may not hang the head', () => {
    const own = ranked(AIMS, 'low-blood-pressure');
    const items = salute(requestOf({ minutes: 30, style: 'flow' }), own, () => true);
    for (const i of items)
      for (const r of own.filter((x) => x.pose === i.pose && x.rung === i.rung)) expect(r.cautions, i.pose).toEqual([]);
    expect(salute(requestOf({ minutes: 30, style: 'flow' }), ranked(AIMS, 'heart-uncleared'), () => true)).toEqual([]);
  });
  it('is held no longer than a caution lets it', () => {
    const flow = requestOf({ minutes: 30, style: 'flow' });
    const short = POSES.map((r) => (r.pose === 'dog' ? { ...r, verdict: { ...r.verdict, hold_s: 13 } } : r));
    const dog = (list: typeof POSES) => salute(flow, list, () => true).find((i) => i.pose === 'dog');
    expect(dog(POSES)).toMatchObject({ breaths: 5, holdSeconds: 30 });
    expect(dog(short)).toMatchObject({ breaths: 2, holdSeconds: 12 });
  });
  it('takes nothing that is never taught', async () => {
    const b = await build(30, { style: 'flow', likes: { ...NO_LIKES, never: ['dog'] } });
    expect(ofSalutation(b).length).toBeGreaterThan(0);
    expect(b.items.some((i) => i.pose === 'dog')).toBe(false);
  });
  it('keeps what was kept by hand, and begins with its salutation once', async () => {
    const first = await build(30, { style: 'flow' });
    const again = await build(30, {
      style: 'flow',
      locked: first.items.filter((i) => i.salutation !== undefined || i.phase === 'deepest'),
    });
    expect(ofSalutation(again).map((i) => i.pose)).toEqual(ofSalutation(first).map((i) => i.pose));
    expect(again.unkept).toEqual([]);
    expect(takeRoundApart(first.items, ofSalutation(first)[0].id).some((i) => i.salutation !== undefined)).toBe(false);
  });
});
