import { describe, expect, it } from 'vitest';
import { isSided, rungOf } from '@/core/poses';
import { alternativesFor } from './alternatives';
import { blocksOf } from './blocks';
import { buildPractice } from './build';
import { aim, ranked } from './practices.fixtures';
import { reasonsOf } from './reasons';
import { requestOf } from './request';
import { unitsFor } from './units';
import { warningsOf } from './warnings';
import { reasonSentences } from './words';

const AIMS = [aim('lengthen', 'deep-buttock', 'left')];
const SORE = { caution: 'knee-injury', side: 'right' } as const;
const request = requestOf({ minutes: 30 });
const one = ranked(AIMS, SORE),
  both = ranked(AIMS, 'knee-injury');
const alone = (list: typeof one): string[] =>
  unitsFor(list, request)
    .filter((u) => isSided(u.shape, u.rung) && u.sides.length === 1)
    .map((u) => u.key);

describe('what a sore knee leaves to the other side', () => {
  it('is done there alone where that serves an aim of its own', () => {
    expect(alone(one)).toContain('lying-figure-four/3');
    for (const u of unitsFor(one, request))
      if (isSided(u.shape, u.rung) && u.sides.length === 1) {
        expect(u.sides[0].side, u.key).toBe('left');
        expect(
          u.sides[0].gives.some((g) => g.aim.side === 'left' && g.worth > 0),
          u.key,
        ).toBe(true);
      }
  });
  it('is nothing where no side was told, and never the side that the aim is not for', () => {
    expect(alone(both)).toEqual([]);
    const right = unitsFor(ranked([aim('lengthen', 'deep-buttock', 'right')], SORE), request);
    expect(right.filter((u) => isSided(u.shape, u.rung) && u.sides.length === 1 && u.sides[0].side === 'left')).toEqual(
      [],
    );
  });
  it('gives the aim more, says why, and is not called forgotten', async () => {
    const built = await buildPractice(one, AIMS, { minutes: 30 }),
      less = await buildPractice(both, AIMS, { minutes: 30 });
    const dose = (b: typeof built): number => b.doses[0].minutes;
    expect(dose(built)).toBeGreaterThan(dose(less) + 1);
    const reasons = reasonsOf(built.items, one, AIMS, request);
    const lone = blocksOf(built.items).filter((b) => {
      const found = rungOf(b.pose, b.rung);
      return (
        found && isSided(found.shape, found.rung) && b.phase !== 'rest' && b.phase !== 'settle' && b.items.length === 1
      );
    });
    expect(lone.length).toBeGreaterThan(0);
    for (const b of lone) {
      const reason = reasons.get(b.id);
      expect(reason && reasonSentences(reason).at(-1), b.pose).toBe(
        'Left only: closed on the right by knee ligament or meniscus injury.',
      );
      for (const a of alternativesFor(b, built.items, { ranked: one, aims: AIMS, request }))
        expect(
          a.fits.every((f) => f.side !== 'right'),
          a.fits[0].pose,
        ).toBe(true);
    }
    expect(warningsOf(built.items, one, request).filter((w) => w.kind === 'side')).toEqual([]);
    // The same practice in somebody whose knees are well has forgotten a side.
    expect(warningsOf(built.items, ranked(AIMS), request).filter((w) => w.kind === 'side').length).toBeGreaterThan(0);
  });
});
