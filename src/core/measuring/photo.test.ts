import { describe, expect, it } from 'vitest';
import { Random } from '@/core/inference/random';
import { photoAngle, PLACING_PX, type Placement, type PicturePoint } from './photo';

const polar = (from: PicturePoint, length: number, degrees: number): PicturePoint => ({
  x: from.x + length * Math.cos((degrees * Math.PI) / 180),
  y: from.y - length * Math.sin((degrees * Math.PI) / 180),
});
const hip = { x: 400, y: 500 };
const raised = (degrees: number, length = 260): Placement => ({
  vertex: hip,
  far: polar(hip, length, degrees),
  near: null,
  level: null,
});

describe('the angle on a photograph', () => {
  it('is read from level, up and down', () => {
    expect(photoAngle([raised(64)], 'level', 2)?.angle).toBeCloseTo(64, 6);
    expect(photoAngle([raised(-12)], 'level', 2)?.angle).toBeCloseTo(-12, 6);
    expect(photoAngle([raised(180 - 30)], 'level', 2)?.angle).toBeCloseTo(30, 6);
    expect(photoAngle([raised(118)], 'level', 2, 1)?.angle).toBeCloseTo(118, 6);
    expect(photoAngle([raised(62)], 'level', 2, -1)?.angle).toBeCloseTo(118, 6);
  });
  it('is read from plumb and from the continuation of a limb', () => {
    expect(photoAngle([raised(55)], 'upright', 2)?.angle).toBeCloseTo(35, 6);
    const knee: Placement = {
      near: { x: 100, y: 300 },
      vertex: { x: 300, y: 300 },
      far: polar({ x: 300, y: 300 }, 180, 110),
      level: null,
    };
    expect(photoAngle([knee], 'straight', 2)?.angle).toBeCloseTo(110, 6);
  });
  it('counts from the level line where one is placed, whichever way it was drawn', () => {
    const left: PicturePoint = { x: 0, y: 700 };
    for (const level of [
      [left, polar(left, 800, 5)],
      [polar(left, 800, 5), left],
    ] as const)
      expect(photoAngle([{ ...raised(45), level }], 'level', 2)?.angle).toBeCloseTo(40, 6);
  });
  it('has a wider band for shorter limbs and coarser pointing, and a narrower one after placing again', () => {
    const band = (p: Placement[], px: number) => photoAngle(p, 'level', px)?.likelyError ?? 0;
    expect(band([raised(40, 80)], 2)).toBeGreaterThan(band([raised(40)], 2));
    expect(band([raised(40)], 4)).toBeGreaterThan(band([raised(40)], 2));
    expect(band([raised(40), raised(40.3), raised(39.8)], 2)).toBeLessThan(band([raised(40)], 2));
    // A hand that scatters is told so, whatever the pixels say.
    expect(band([raised(40), raised(48)], 2)).toBeGreaterThan(5);
  });
  it('gives nothing for nothing, nor for a limb without its near end', () => {
    expect(photoAngle([], 'level', 2)).toBeNull();
    expect(photoAngle([raised(40)], 'straight', 2)).toBeNull();
  });
  it.each([
    ['level', 1],
    ['level', 3],
    ['straight', 1],
    ['upright', 2],
  ] as const)('from %s, placed %d×: the truth lies in the band in at least 27 of 30 pictures', (zero, times) => {
    const random = new Random(zero.length * 10 + times);
    const jitter = (p: PicturePoint): PicturePoint => ({
      x: p.x + PLACING_PX * random.normal(),
      y: p.y + PLACING_PX * random.normal(),
    });
    let inside = 0;
    for (let k = 0; k < 30; k++) {
      const truth = 12 + ((k * 37) % 66);
      const length = 150 + ((k * 53) % 200);
      const exact: Placement =
        zero === 'straight'
          ? { near: { x: hip.x - length, y: hip.y }, vertex: hip, far: polar(hip, length, truth), level: null }
          : {
              ...raised(zero === 'upright' ? 90 - truth : truth, length),
              level: [
                { x: 20, y: 780 },
                { x: 980, y: 780 },
              ],
            };
      const placed = Array.from({ length: times }, () => ({
        vertex: jitter(exact.vertex),
        far: jitter(exact.far),
        near: exact.near && jitter(exact.near),
        level: exact.level && ([jitter(exact.level[0]), jitter(exact.level[1])] as const),
      }));
      const told = photoAngle(placed, zero, PLACING_PX);
      if (told && Math.abs(told.angle - truth) <= told.likelyError) inside++;
    }
    expect(inside).toBeGreaterThanOrEqual(27);
  });
});
