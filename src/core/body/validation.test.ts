import { describe, expect, it } from 'vitest';
import {
  halfFromDegrees,
  HANGING_ENDS,
  PUSHED_ENDS,
  resistanceAt,
  StrandModel,
  type GroupId,
  type HalfAngles,
  type Manner,
} from './index';

const model = new StrandModel();
const resists = (at: HalfAngles, along: HalfAngles, manner: Manner = 'pushed') =>
  resistanceAt(model, halfFromDegrees(at), along, manner);

describe('at the mean end of a length test, what resists most is what the field names', () => {
  const ends = [
    ...Object.entries(PUSHED_ENDS).map(([id, end]) => [id, end, 'pushed'] as const),
    ...Object.entries(HANGING_ENDS).map(([id, end]) => [id, end, 'hanging'] as const),
  ].filter(([, end]) => end.named.length > 0);
  it('is asked of every test that has a joint angle', () => expect(ends.length).toBeGreaterThanOrEqual(27));
  it.each(ends)('%s', (_, end, manner) => {
    const [first] = resists(end.at, end.along, manner);
    expect(end.named).toContain(first.group);
    // It is near its typical end there, not merely the least slack of what lies far from it.
    expect(first.z).toBeGreaterThan(-2.1);
    expect(first.z).toBeLessThan(1.3);
  });
});

describe('shapes that a first trial of the model got wrong', () => {
  const first = (at: HalfAngles, along: HalfAngles): GroupId => resists(at, along)[0].group;
  it('bound soles reach the adductors as a group', () => {
    const { at, along } = PUSHED_ENDS['bound-soles'];
    expect(first(at, along)).toBe('adductors');
  });
  it('knees wide and bent, sinking: the adductors', () =>
    expect(first({ hipFlexion: 95, hipAdduction: -48, hipRotation: -10, kneeFlexion: 100 }, { hipAdduction: -1 })).toBe(
      'adductors',
    ));
  it('the hanging leg with its shin pressed down: rectus femoris', () => {
    const { at, along } = HANGING_ENDS['thomas-knee'];
    const [most] = resists(at, along, 'hanging');
    expect(most.group).toBe('rectus-femoris');
    expect(most.share).toBeGreaterThan(0.8);
  });
  it('figure-four: the deep buttock', () => {
    const { at, along } = PUSHED_ENDS['figure-four'];
    expect(first(at, along)).toBe('deep-buttock');
  });
  it('a dog with one knee bent: the straight leg’s calf as its heel sinks', () =>
    expect(first({ hipFlexion: 58, ankleDorsiflexion: 22 }, { ankleDorsiflexion: 1 })).toBe('calf'));
  it('and the hamstrings as its hips lift', () =>
    expect(first({ hipFlexion: 58, ankleDorsiflexion: 5 }, { hipFlexion: 1 })).toBe('hamstrings'));
  it('well bent knees let the hamstrings go from a fold', () => {
    const share = resists({ hipFlexion: 95, kneeFlexion: 95 }, { hipFlexion: 1 }).find((r) => r.group === 'hamstrings');
    expect(share?.share ?? 0).toBeLessThan(0.15);
  });
});

describe('femoral version', () => {
  it('moves both ends of rotation the same way', () => {
    const z = (angles: HalfAngles, along: HalfAngles) => resists(angles, along)[0].z;
    const inward = (femoralVersion: number) =>
      z({ hipRotation: 40, kneeFlexion: 90, femoralVersion }, { hipRotation: 1 });
    const outward = (femoralVersion: number) =>
      z({ hipRotation: -45, kneeFlexion: 90, femoralVersion }, { hipRotation: -1 });
    expect(inward(12)).toBeLessThan(inward(0) - 0.8);
    expect(outward(12)).toBeGreaterThan(outward(0) + 0.8);
  });
});
