import { otherSide, type Side } from '@/core/body';
import type { Readout, TestDefinition } from '@/core/assessment/definition';
import { testAngle } from '@/core/assessment/drawn';
import type { ReadingSide } from '@/core/assessment/reading';
import type { PhotoZero } from './photo';

/** A point to be placed on a picture. */
export interface PhotoMark {
  id: 'near' | 'vertex' | 'far';
  /** What to look for on the body. */
  name: string;
  /** The same point of the body model, for the stand-in camera. */
  point: string;
}

/** How an angle is read from a picture of a test. */
export interface PhotoGuide {
  zero: PhotoZero;
  marks: readonly PhotoMark[];
  /** What the line is that the angle is counted from, where it is a line of its own. */
  line: string | null;
  /** The two points of that line on the body, for the stand-in camera; a level line needs none. */
  linePoints?: readonly [string, string];
  /** Reading of an angle on the picture, degrees. */
  reading(angle: number): number;
  /** True where the limb can go past upright, so that it matters which way zero points on the picture. */
  pastUpright: boolean;
  /** From where to take it, in words and for the stand-in camera (degrees about the vertical and above the floor). */
  from: string;
  camera: { yaw: number; pitch: number };
}

const LANDMARKS: Readonly<Record<string, string>> = {
  hip: 'knob of the thigh bone at the outer hip',
  knee: 'middle of the knee',
  shin: 'middle of the knee',
  ankle: 'outer ankle bone',
  shoulder: 'tip of the shoulder',
};
const landmark = (point: string): string => LANDMARKS[point.replace(/_(left|right)$/, '')] ?? point;
const same = (v: number): number => v;

/** How to read a read-out from a picture; null where a picture does not show it. */
export function photoGuide(test: TestDefinition, readout: Readout, readSide: ReadingSide): PhotoGuide | null {
  if (!readout.instruments?.includes('photo')) return null;
  const side: Side = readSide === 'left' ? 'left' : 'right';
  const beside = {
    from: `from the ${side} side, level with the table`,
    camera: { yaw: side === 'right' ? 0 : 180, pitch: 0 },
  };
  const fromFeet = { from: 'from the feet, level with the table', camera: { yaw: -90, pitch: 0 } };
  const above = { from: 'from straight above', camera: { yaw: side === 'right' ? 0 : 180, pitch: 90 } };
  const two = (vertex: string, far: string): PhotoMark[] => [
    { id: 'vertex', name: landmark(vertex), point: vertex },
    { id: 'far', name: landmark(far), point: far },
  ];
  const own = (name: string) => `${name}_${side}`;
  if (test.id === 'straddle')
    return {
      zero: 'between',
      marks: two(own('hip'), own('knee')),
      line: `the ${otherSide(side)} thigh: knob of the hip, then middle of the knee`,
      linePoints: [`hip_${otherSide(side)}`, `knee_${otherSide(side)}`],
      reading: same,
      pastUpright: false,
      ...above,
    };
  if (test.id === 'figure-four' && readout.id === 'trunk-lean')
    return {
      zero: 'upright',
      marks: two(own('hip'), own('shoulder')),
      line: 'plumb',
      reading: same,
      pastUpright: false,
      ...beside,
    };
  // Crossing the midline is seen along the thigh, where no landmark stays in sight.
  if (test.id === 'knee-to-opposite-shoulder') return null;
  const angle = testAngle(test, readout, side);
  if (!angle) return null;
  const { vertex, toward, zero } = angle;
  if (readout.id === 'hip-abduction' || test.id === 'supine-abduction')
    return {
      zero: 'level',
      marks: two(own('hip'), own('knee')),
      line: 'midline of the body: navel, then the notch of the breastbone',
      linePoints: ['pelvis', 'thorax'],
      reading: Math.abs,
      pastUpright: false,
      ...above,
    };
  if ('along' in zero && zero.along.startsWith('thigh'))
    return {
      zero: 'straight',
      marks: [{ id: 'near', name: landmark('hip'), point: own('hip') }, ...two(vertex, toward)],
      line: null,
      reading: same,
      pastUpright: false,
      ...beside,
    };
  if ('along' in zero)
    // On the side: the thigh against level, + below it.
    return {
      zero: 'level',
      marks: two(own('hip'), own('knee')),
      line: 'level',
      reading: (a) => -a,
      pastUpright: false,
      ...fromFeet,
    };
  const upright = Math.abs(zero[1]) > 0.5;
  if (upright) {
    const turning = test.position !== 'standing';
    return {
      zero: 'upright',
      marks: two(vertex, toward),
      line: 'plumb',
      reading: same,
      pastUpright: false,
      ...(turning ? fromFeet : beside),
    };
  }
  const across = Math.abs(zero[2]) > 0.5;
  return {
    zero: 'level',
    marks: two(vertex, toward),
    line: 'level',
    reading: test.id === 'modified-thomas' ? (a) => -a : same,
    pastUpright: readout.max > 90,
    ...(across ? { from: 'from the front, level with the seat', camera: { yaw: -90, pitch: 0 } } : beside),
  };
}
