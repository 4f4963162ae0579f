import { describe, expect, it } from 'vitest';
import { SIDES, type Side } from '@/core/body';
import { CAUTIONS } from '@/core/cautions/catalogue';
import { DEMAND_IDS, isOfSide, mostOf } from '@/core/cautions/demands';
import { screen, toldOfSide, verdictOf, withOtherSide, withTold } from '@/core/cautions/screen';
import { demandsOf, demandsOfSide, isSided, LIBRARY, rungOf, verdictOfRung } from '@/core/poses';
import { BATTERY, testById } from './battery';
import { demandsOfTestSide } from './demands';
import { lockOf, locksOf, openSides } from './locks';

const of = (caution: string, side?: Side) => screen([{ caution, ...(side && { side }) }], '2026-12-01');
const RUNGS = LIBRARY.flatMap((shape) => shape.rungs.map((rung, i) => ({ shape, rung, n: i + 1 })));
const stateOf = (caution: string, side: Side | undefined, pose: string, rung: number, worked: Side): string => {
  const found = rungOf(pose, rung);
  if (!found) throw new Error(`no ${pose}/${rung}`);
  return verdictOfRung(of(caution, side), found.shape, rung, worked).state;
};

describe('demands of each leg', () => {
  it('are together what the whole is asked, and what is no leg’s is asked of both', () => {
    const wrong: string[] = [];
    const hold = (name: string, { whole, left, right }: ReturnType<typeof demandsOfSide>): void => {
      for (const d of DEMAND_IDS) {
        const [w, l, r] = [whole, left, right].map((along) => mostOf(along, d));
        if (Math.abs(Math.max(l, r) - w) > 1e-9) wrong.push(`${name} ${d}: ${l} and ${r}, whole ${w}`);
        // What a push asks of the leg that does not push is the one exception.
        if (!isOfSide(d) && !d.endsWith('-work') && l !== r) wrong.push(`${name} ${d} is told apart`);
      }
    };
    for (const { shape, rung, n } of RUNGS) hold(`${shape.id}/${n}`, demandsOfSide(shape, rung, 'left'));
    for (const t of BATTERY) hold(t.id, demandsOfTestSide(t, 'left'));
    expect(wrong).toEqual([]);
  });
  it('change sides with the side that is worked', () => {
    for (const { shape, rung } of RUNGS.slice(0, 60)) {
      const left = demandsOfSide(shape, rung, 'left'),
        right = demandsOfSide(shape, rung, 'right');
      expect(left.left).toEqual(right.right);
      expect(left.right).toEqual(right.left);
    }
  });
});

describe('a caution of one leg', () => {
  it('closes on one side at least whatever it closes of both', () => {
    const open: string[] = [];
    for (const { id, sided } of CAUTIONS) {
      if (!sided) continue;
      for (const { shape, rung, n } of RUNGS) {
        const whole = verdictOf(of(id), demandsOf(shape, rung)).state;
        const bySide = SIDES.map((worked) => verdictOfRung(of(id, 'left'), shape, n, worked).state);
        if (whole === 'closed' && !bySide.includes('closed')) open.push(`${id} ${shape.id}/${n}`);
        // Where both legs do alike there is no other side to go to.
        if (!isSided(shape, rung) && verdictOfRung(of(id, 'left'), shape, n, 'both').state !== whole)
          open.push(`${id} ${shape.id}/${n} of both`);
      }
    }
    expect(open).toEqual([]);
  });
  it('closes no more than it would without a side', () => {
    for (const { shape, n } of RUNGS)
      for (const worked of SIDES)
        if (verdictOfRung(of('knee-injury'), shape, n, worked).state === 'open')
          expect(verdictOfRung(of('knee-injury', 'left'), shape, n, worked).state, `${shape.id}/${n}`).toBe('open');
  });
  it.each([
    ['knee-injury', 'lying-figure-four', 3],
    ['groin-pinch', 'knee-to-chest', 2],
    ['sit-bone', 'strap-leg-raise', 2],
    ['bone-stress', 'shin-up-lunge', 1],
    ['outer-hip', 'side-plank', 1],
    ['hip-replacement', 'strap-leg-across', 1],
  ] as const)('%s: %s/%s is closed where that leg does it', (caution, pose, rung) => {
    expect(stateOf(caution, undefined, pose, rung, 'left')).toBe('closed');
    const bySide = SIDES.map((worked) => stateOf(caution, 'left', pose, rung, worked));
    expect([...bySide].sort()).toEqual(['closed', 'open']);
    // The other leg, the other way round.
    expect(SIDES.map((worked) => stateOf(caution, 'right', pose, rung, worked))).toEqual([...bySide].reverse());
  });
  it('is called by its side, and opens nothing where it is no matter of a side', () => {
    expect(of('knee-replacement', 'left').cautions[0].name).toBe('Knee replacement, left');
    expect(of('reflux', 'left').cautions[0]).toEqual(of('reflux').cautions[0]);
    expect(of('of-a-later-year', 'left').stopped).toBe(true);
  });
  it('told of the other leg as well stands beside the first, and neither is told twice', () => {
    const day = '2026-12-01';
    const one = withTold([], { caution: 'sit-bone', side: 'left' }, day);
    expect(one).toEqual([{ caution: 'sit-bone', side: 'left' }]);
    expect(withTold(one, { caution: 'sit-bone', side: 'left' }, day)).toEqual(one);
    expect(withTold(one, { caution: 'sit-bone', side: 'right' }, day)).toEqual([
      ...one,
      { caution: 'sit-bone', side: 'right' },
    ]);
    expect(withTold(one, { caution: 'sit-bone' }, day)).toEqual([...one, { caution: 'sit-bone' }]);
    const both = [{ caution: 'sit-bone' }];
    expect(withTold(both, { caution: 'sit-bone', side: 'right' }, day)).toEqual(both);
    expect(withTold([], { caution: 'reflux', side: 'left' }, day)).toEqual([{ caution: 'reflux' }]);
    // By hand: beside the one that is there, once, and only where there is another leg to tell of.
    const [left] = one;
    expect(withOtherSide(one, left, day)).toEqual([left, { caution: 'sit-bone', side: 'right' }]);
    const legs = withOtherSide(one, left, day) ?? [];
    expect(legs.map((e) => withOtherSide(legs, e, day))).toEqual([null, null]);
    const none = [{ caution: 'sit-bone' }, { caution: 'reflux', side: 'left' as const }, { ...left, until: day }];
    for (const entry of none) expect(withOtherSide([entry], entry, day), JSON.stringify(entry)).toBeNull();
  });
  it('opens nothing on the other leg by what was allowed, or has ended, on its own', () => {
    const rule = {
      demand: 'hip-bend',
      does: 'closes',
      over: 100,
      by: 'her physiotherapist',
      why: 'healed',
      on: '2026-11-01',
    };
    const left = { caution: 'sit-bone', side: 'left', allowed: [rule], until: '2027-01-01' } as const;
    const told = withTold([{ ...left, allowed: [rule] }], { caution: 'sit-bone', side: 'right' }, '2026-12-01');
    const found = rungOf('knee-to-chest', 3);
    if (!found) throw new Error('no pose');
    const state = (day: string, side: Side) => verdictOfRung(screen(told, day), found.shape, 3, side).state;
    expect(state('2026-12-01', 'right')).toBe('closed');
    expect(state('2027-02-01', 'right')).toBe('closed');
    expect(state('2027-02-01', 'left')).not.toBe('closed');
    // By hand: of one leg what was allowed for both still holds; of more than was said nothing does.
    expect(toldOfSide({ caution: 'sit-bone', allowed: [rule] }, 'left').allowed).toEqual([rule]);
    expect(toldOfSide({ ...left, allowed: [rule] }, undefined).allowed).toBeUndefined();
    expect(toldOfSide({ ...left, allowed: [rule] }, 'right').allowed).toBeUndefined();
  });
});

describe('a caution of one arm', () => {
  const closed = (pose: string, rung: number, worked: Side) =>
    stateOf('wrist-or-shoulder', 'left', pose, rung, worked) === 'closed';
  it('leaves what the other arm carries', () => {
    expect([closed('side-plank', 2, 'left'), closed('side-plank', 2, 'right')]).toEqual([true, false]);
    expect([closed('half-moon', 2, 'left'), closed('half-moon', 2, 'right')]).toEqual([true, false]);
    // Turned the other way the hand of the other side is down.
    expect([closed('revolved-triangle', 2, 'left'), closed('revolved-triangle', 2, 'right')]).toEqual([false, true]);
    const plank = testById('side-plank');
    expect(plank && openSides(of('wrist-or-shoulder', 'left'), plank)).toEqual(['right']);
  });
  it('closes what both arms carry, and all that begins on both', () => {
    for (const worked of SIDES) {
      expect(closed('plank', 2, worked)).toBe(true);
      // One hand is lifted, but nobody comes to all fours on one.
      expect(closed('bird-dog', 2, worked)).toBe(true);
    }
    expect(closed('tree', 2, 'left')).toBe(false);
  });
});

describe('tests under a caution of one leg', () => {
  const test = (id: string) => {
    const found = testById(id);
    if (!found) throw new Error(id);
    return found;
  };
  it('stay open for the other one', () => {
    expect(openSides(of('knee-injury'), test('figure-four'))).toEqual([]);
    expect(openSides(of('knee-injury', 'left'), test('figure-four'))).toEqual(['right']);
    expect(locksOf(of('knee-injury', 'left'), test('figure-four'))).toMatchObject({
      lock: null,
      shutSides: [{ side: 'left' }],
    });
    expect(lockOf(of('knee-injury', 'left'), test('figure-four'), 'right')).toBeNull();
  });
  it('are shut where the leg that is held is the sore one: the hanging leg draws the other knee up', () => {
    expect(openSides(of('groin-pinch', 'right'), test('modified-thomas'))).toEqual(['right']);
    expect(openSides(of('groin-pinch', 'left'), test('knee-to-chest'))).toEqual(['right']);
  });
  it('of both legs at once are shut by either', () => {
    for (const t of BATTERY.filter((x) => !x.sided))
      expect(openSides(of('knee-injury', 'left'), t)).toEqual(openSides(of('knee-injury'), t));
  });
});
