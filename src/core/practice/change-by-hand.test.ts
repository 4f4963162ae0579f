import { describe, expect, it } from 'vitest';
import { buildOf, ELEMENTS } from '@/core/body';
import { USUAL_WAY } from '@/core/fit/way';
import { DIMENSIONS, COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { shapeById } from '@/core/poses';
import { blocksOf } from './blocks';
import { lengthenBlock, moveBlock, removeBlock, swapBlock, itemsFor, sidesOfRung } from './edit';
import { aimsWithPeak, peakGap } from './peak';
import { reasonsOf } from './reasons';
import { refit } from './refit';
import { requestOf } from './request';
import { aim, AIMS, build, POSES, ranked } from './practices.fixtures';
import { warningsOf } from './warnings';
import { without } from './without';
import { reasonSentences, warningWords } from './words';

const request = requestOf({ minutes: 30 });
const { items } = await build(30);
const blocks = blocksOf(items);
/** A body out of whose reach some entries are. */
const STIFF = { hamstrings: -6, 'deep-hip-flexor': -5 } as const;
let made = 0;
const newId = () => `n${made++}`;

describe('warnings', () => {
  it.each([
    [10, 'build'],
    [20, 'flow'],
    [45, 'quiet'],
    [60, 'strength'],
  ] as const)('a practice of %i minutes that was built to %s breaks no rule', async (minutes, style) => {
    const b = await build(minutes, { style });
    expect(warningsOf(b.items, POSES, requestOf({ minutes, style })).map(warningWords)).toEqual([]);
  });
  it('say what a change by hand broke, and where', () => {
    const kinds = (list: typeof items, r = request) => warningsOf(list, POSES, r).map((w) => w.kind);
    const sided = blocks.find((b) => b.items.length === 2);
    if (!sided) throw new Error('nothing sided');
    expect(kinds(items.filter((i) => i.id !== sided.items[1].id))).toEqual(expect.arrayContaining(['side', 'time']));
    expect(kinds(lengthenBlock(items, sided.id, 60, 6))).toEqual(expect.arrayContaining(['long', 'time']));
    expect(kinds(removeBlock(items, blocks[blocks.length - 1].id))).toContain('no-rest');
    expect(kinds(items, requestOf({ minutes: 30, place: 'chair' }))).toContain('wish');
    expect(kinds(items.map((i) => (i.id === sided.id ? { ...i, breaths: 60, holdSeconds: 360 } : i)))).toContain(
      'uneven',
    );
    expect(kinds(items.map((i) => (i.id === sided.id ? { ...i, pose: 'gone' } : i)))).toContain('unknown');
    const [deep] = itemsFor(sidesOfRung(POSES, 'low-lunge', 2), {
      phase: 'deepest',
      breathSeconds: 6,
      aims: AIMS,
      newId,
    });
    expect(kinds([deep])).toEqual(expect.arrayContaining(['unprepared']));
  });
  it('say which caution a pose runs against, and that its beginning is out of reach', () => {
    const flipped = ranked(AIMS, 'pregnancy-late');
    const closed = flipped.find((r) => r.cautions.length > 0);
    if (!closed) throw new Error('nothing closed');
    const list = swapBlock(
      items,
      blocks[2].id,
      itemsFor([closed], { phase: 'warm', breathSeconds: 6, aims: AIMS, newId }),
    );
    const said = warningsOf(list, flipped, request).find((w) => w.kind === 'caution');
    expect(said && warningWords(said)).toContain(closed.cautions[0]);
    const stiff = ranked(AIMS, undefined, STIFF);
    const far = stiff.find((r) => r.beyondEntry && r.cautions.length === 0);
    if (!far) throw new Error('nothing out of reach');
    const other = swapBlock(
      items,
      blocks[2].id,
      itemsFor([far], { phase: 'warm', breathSeconds: 6, aims: AIMS, newId }),
    );
    expect(warningsOf(other, stiff, request).map((w) => w.kind)).toContain('reach');
  });
  it('a phase that comes too late is said once', async () => {
    const short = await build(20);
    const own = blocksOf(short.items);
    const early = own.findIndex((b, i) => b.phase !== 'settle' && b.phase !== 'counter' && i < own.length - 3);
    if (early < 0 || own[early + 1].phase === 'counter') throw new Error('nothing early');
    const list = short.items.map((i) => (own[early].items.includes(i) ? { ...i, phase: 'counter' as const } : i));
    expect(warningsOf(list, POSES, requestOf({ minutes: 20 })).filter((w) => w.kind === 'phase')).toHaveLength(1);
    expect(moveBlock(list, 'nobody', 0)).toEqual(list);
  });
});

describe('reasons', () => {
  const reasons = reasonsOf(items, POSES, AIMS, request);
  it('every block has one, in words, and they are true', () => {
    blocks.forEach((b, k) => {
      const r = reasons.get(b.id);
      if (!r) throw new Error(b.id);
      expect(reasonSentences(r).length).toBeGreaterThan(0);
      for (const name of r.prepares)
        expect(blocks.slice(k + 1).some((x) => shapeById(x.pose)?.name === name)).toBe(true);
      for (const name of r.counters)
        expect(blocks.slice(0, k).some((x) => shapeById(x.pose)?.name === name)).toBe(true);
      for (const key of b.items.flatMap((i) => i.because)) expect(r.serves).toContain(key);
    });
    expect(reasons.get(blocks[0].id)?.part).toBe('settle');
    expect(reasons.get(blocks[blocks.length - 1].id)?.part).toBe('rest');
  });
  it('name the peak', async () => {
    const b = await build(30, { peak: 'pigeon' });
    const r = reasonsOf(b.items, POSES, AIMS, requestOf({ minutes: 30, peak: 'pigeon' }));
    const peak = blocksOf(b.items).filter((x) => x.pose === 'pigeon');
    expect(peak.map((x) => r.get(x.id)?.part)).toContain('peak');
  });
});

describe('for somebody else', () => {
  it('the same body keeps everything but ids', () => {
    const again = refit(items, POSES, AIMS, 6, newId);
    expect(again.changes).toEqual([]);
    expect(again.items.map((i) => without(i, 'id'))).toEqual(items.map((i) => without(i, 'id')));
    expect(new Set(again.items.map((i) => i.id)).size).toBe(items.length);
  });
  it('a stiff or careful body gets nothing that it may not or cannot do, and every change is told', () => {
    for (const poses of [ranked(AIMS, undefined, STIFF), ranked(AIMS, 'pregnancy-late')]) {
      const other = refit(items, poses, AIMS, 8, newId);
      for (const i of other.items) {
        const fit = poses.find((r) => r.pose === i.pose && r.rung === i.rung && r.side === i.side);
        expect(fit?.cautions).toEqual([]);
        expect(fit?.beyondEntry).toBe(false);
        expect(i.holdSeconds).toBeCloseTo(i.breaths * 8, 6);
      }
      const gone = blocks.filter((b) => !other.items.some((i) => i.pose === b.pose && i.rung === b.rung));
      expect(other.changes.map((c) => `${c.pose}/${c.rung}`)).toEqual(
        expect.arrayContaining(gone.map((b) => `${b.pose}/${b.rung}`)),
      );
      expect(other.changes.length).toBeGreaterThan(0);
    }
  });
  it('a pose that is not here is told, and something for the aims stands in for it', () => {
    const list = items.map((i) => (i.id === blocks[3].id ? { ...i, pose: 'own-gone' } : i));
    const { changes } = refit(list, POSES, AIMS, 6, newId);
    expect(changes.find((c) => c.pose === 'own-gone')).toMatchObject({ why: 'unknown' });
  });
});

describe('towards a peak', () => {
  const body = buildOf({ height_cm: 172, mass_kg: 65 });
  const posterior = (z: number) => {
    const mean = new Float32Array(DIMENSIONS);
    ELEMENTS.forEach((e, g) => {
      if (e.group === 'hamstrings' || e.group === 'deep-hip-flexor') mean[g] = mean[ELEMENT_COUNT + g] = z;
    });
    return { mean, draws: mean, drawCount: 1 };
  };
  const split = shapeById('front-split');
  if (!split) throw new Error('no front split');
  it('a stiffer body has more of a gap, in length and in joints, and gets less far', () => {
    const usual = peakGap(split, posterior(0), body, USUAL_WAY),
      stiff = peakGap(split, posterior(-3), body, USUAL_WAY);
    const most = (g: typeof usual) => Math.max(...g.length.filter((m) => m.group === 'hamstrings').map((m) => m.asked));
    expect(most(stiff)).toBeGreaterThan(most(usual));
    expect(stiff.reachable ?? 0).toBeLessThanOrEqual(usual.reachable ?? 0);
    expect(stiff.joints.length).toBeGreaterThan(0);
    for (const m of stiff.length) expect(m.asked).toBeGreaterThan(m.comfortable);
  });
  it('adds what it asks for to the aims, behind the leading one, and leaves alone what is to be left alone', () => {
    const gap = peakGap(split, posterior(-2), body, USUAL_WAY);
    const all = aimsWithPeak(AIMS, gap);
    expect(all.slice(0, AIMS.length)).toEqual(AIMS);
    expect(all.length).toBeGreaterThan(AIMS.length);
    for (const a of all.slice(AIMS.length)) expect(a.weight).toBeLessThanOrEqual(0.45);
    const more = all[AIMS.length];
    const left = aimsWithPeak([...AIMS, aim('leave', more.group as never, more.side)], gap);
    expect(left.some((a) => a.kind === 'lengthen' && a.group === more.group && a.side === more.side)).toBe(false);
    expect(new Set(all.map((a) => `${a.kind}${a.group}${a.side}`)).size).toBe(all.length);
  });
});
