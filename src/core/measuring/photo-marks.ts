import { say } from '@/core/languages/spoken';
import { otherSide, type Side } from '@/core/body';
import { isOf } from '@/core/assessment/battery';
import type { DrawnAngle, Readout, TestDefinition } from '@/core/assessment/definition';
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

/** A read-out on one side. */
interface Asked {
  test: TestDefinition;
  readout: Readout;
  side: Side;
  other: Side;
}
type From = Pick<PhotoGuide, 'from' | 'camera'>;

const beside = ({ side }: Asked): From => ({
  from: say('from the {{side}} side, level with the table', { side: say(side) }),
  camera: { yaw: side === 'right' ? 0 : 180, pitch: 0 },
});
const above = ({ side }: Asked): From => ({
  from: say('from straight above'),
  camera: { yaw: side === 'right' ? 0 : 180, pitch: 90 },
});
const FROM_FEET: From = { from: 'from the feet, level with the table', camera: { yaw: -90, pitch: 0 } };
const FROM_FRONT: From = { from: 'from the front, level with the seat', camera: { yaw: -90, pitch: 0 } };

const two = (vertex: string, far: string): PhotoMark[] => [
  { id: 'vertex', name: landmark(vertex), point: vertex },
  { id: 'far', name: landmark(far), point: far },
];
/** A guide whose angle is the reading, of a limb that never passes upright, but for what is told. */
const guide = (part: Pick<PhotoGuide, 'zero' | 'marks' | 'line'> & From & Partial<PhotoGuide>): PhotoGuide => ({
  reading: same,
  pastUpright: false,
  ...part,
});

/** Both thighs at once, the one against the other. */
const betweenThighs = (a: Asked): PhotoGuide =>
  guide({
    zero: 'between',
    marks: two(`hip_${a.side}`, `knee_${a.side}`),
    line: say('the {{other}} thigh: knob of the hip, then middle of the knee', { other: say(a.other) }),
    linePoints: [`hip_${a.other}`, `knee_${a.other}`],
    ...above(a),
  });
/** The trunk against a plumb line. */
const leaning = (a: Asked): PhotoGuide =>
  guide({ zero: 'upright', marks: two(`hip_${a.side}`, `shoulder_${a.side}`), line: 'plumb', ...beside(a) });
/** A leg out to the side, against the middle of the body. */
const outToTheSide = (a: Asked): PhotoGuide =>
  guide({
    zero: 'level',
    marks: two(`hip_${a.side}`, `knee_${a.side}`),
    line: say('midline of the body: navel, then the notch of the breastbone'),
    linePoints: ['pelvis', 'thorax'],
    reading: Math.abs,
    ...above(a),
  });
/** A shin against its thigh. */
const fromTheThigh = (a: Asked, { vertex, toward }: DrawnAngle): PhotoGuide =>
  guide({
    zero: 'straight',
    marks: [{ id: 'near', name: landmark('hip'), point: `hip_${a.side}` }, ...two(vertex, toward)],
    line: null,
    ...beside(a),
  });
/** On the side: the thigh against level, + below it. */
const belowLevel = (a: Asked): PhotoGuide =>
  guide({
    zero: 'level',
    marks: two(`hip_${a.side}`, `knee_${a.side}`),
    line: 'level',
    reading: (angle) => -angle,
    ...FROM_FEET,
  });
/** A limb against a plumb line: turning is seen from the feet. */
const fromPlumb = (a: Asked, { vertex, toward }: DrawnAngle): PhotoGuide =>
  guide({
    zero: 'upright',
    marks: two(vertex, toward),
    line: 'plumb',
    ...(a.test.position === 'standing' ? beside(a) : FROM_FEET),
  });
/** A limb against level. */
const fromLevel = (a: Asked, { vertex, toward }: DrawnAngle, across: boolean): PhotoGuide =>
  guide({
    zero: 'level',
    marks: two(vertex, toward),
    line: 'level',
    reading: isOf({ test: a.test.id }, 'modified-thomas') ? (angle) => -angle : same,
    pastUpright: a.readout.max > 90,
    ...(across ? FROM_FRONT : beside(a)),
  });

/** How to read a read-out from a picture; null where a picture does not show it. */
export function photoGuide(test: TestDefinition, readout: Readout, readSide: ReadingSide): PhotoGuide | null {
  if (!readout.instruments?.includes('photo')) return null;
  const side: Side = readSide === 'left' ? 'left' : 'right';
  const angle = testAngle(test, readout, side);
  const own = { test: test.id };
  const asked: Asked = { test, readout, side, other: otherSide(side) };
  if (isOf(own, 'straddle')) return betweenThighs(asked);
  if (isOf(own, 'figure-four') && readout.id === 'trunk-lean') return leaning(asked);
  // Crossing the midline is seen along the thigh, where no landmark stays in sight.
  if (isOf(own, 'knee-to-opposite-shoulder') || !angle) return null;
  if (readout.id === 'hip-abduction' || isOf(own, 'supine-abduction')) return outToTheSide(asked);
  const { zero } = angle;
  if ('along' in zero) return zero.along.startsWith('thigh') ? fromTheThigh(asked, angle) : belowLevel(asked);
  if (Math.abs(zero[1]) > 0.5) return fromPlumb(asked, angle);
  return fromLevel(asked, angle, Math.abs(zero[2]) > 0.5);
}
