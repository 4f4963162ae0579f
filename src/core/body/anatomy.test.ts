import { beforeAll, describe, expect, it } from 'vitest';
import { HALF, HALF_COUNT, halfFromDegrees, LINE_IDS, lineIndex, LINES, MuscleModel } from './index';

type Angles = Parameters<typeof halfFromDegrees>[0];
const model = new MuscleModel();
const lengthsAt = (angles: Angles) => model.lengths(halfFromDegrees(angles), new Float64Array(model.lineCount));
/** Elongation of a line in fibre lengths. */
const elongation = (line: string, angles: Angles): number =>
  model.elongations(halfFromDegrees(angles), new Float64Array(model.lineCount))[lineIndex(line)];
/** Moment arm in centimetres; positive moves the coordinate in its positive direction. */
function arm(line: string, coordinate: keyof typeof HALF, angles: Angles): number {
  const out = model.momentArms(halfFromDegrees(angles), new Float64Array(model.lineCount * HALF_COUNT));
  return 100 * out[lineIndex(line) * HALF_COUNT + HALF[coordinate]];
}

/** Facts of anatomy that a teacher relies on; each row must hold for the model to be believed. */
const FACTS: readonly [string, () => void][] = [
  [
    'rectus femoris is long with the hip straight and the knee bent, short when sitting with the knee straight',
    () => {
      expect(elongation('rectus-femoris', { hipFlexion: -20, kneeFlexion: 120 })).toBeGreaterThan(0.8);
      expect(elongation('rectus-femoris', { hipFlexion: 60 })).toBeLessThan(-0.4);
    },
  ],
  [
    'bending the knee slackens the hamstrings in a folded hip',
    () => {
      for (const line of ['semimembranosus', 'semitendinosus', 'biceps-femoris-long-head'])
        expect(elongation(line, { hipFlexion: 80, kneeFlexion: 90 })).toBeLessThan(
          elongation(line, { hipFlexion: 80 }) - 0.3,
        );
    },
  ],
  [
    'the short head of biceps femoris does not know what the hip does',
    () =>
      expect(elongation('biceps-femoris-short-head', { hipFlexion: 90 })).toBeCloseTo(
        elongation('biceps-femoris-short-head', {}),
        6,
      ),
  ],
  [
    'piriformis turns the thigh out at a straight hip and in at a right angle',
    () => {
      expect(arm('piriformis', 'hipRotation', {})).toBeLessThan(-1.5);
      expect(arm('piriformis', 'hipRotation', { hipFlexion: 90 })).toBeGreaterThan(0.5);
    },
  ],
  [
    'so inward turning lengthens piriformis in standing, outward turning in figure-four',
    () => {
      expect(elongation('piriformis', { hipRotation: 40 })).toBeGreaterThan(elongation('piriformis', {}) + 0.2);
      expect(elongation('piriformis', { hipFlexion: 95, hipRotation: -40 })).toBeGreaterThan(
        elongation('piriformis', { hipFlexion: 95 }) + 0.1,
      );
    },
  ],
  [
    'crossing the midline lengthens piriformis in a bent hip',
    () =>
      expect(elongation('piriformis', { hipFlexion: 95, hipAdduction: 20 })).toBeGreaterThan(
        elongation('piriformis', { hipFlexion: 95 }) + 0.08,
      ),
  ],
  [
    'the back of gluteus medius changes from outward to inward rotator with flexion',
    () => {
      expect(arm('gluteus-medius-posterior', 'hipRotation', {})).toBeLessThan(-1);
      expect(arm('gluteus-medius-posterior', 'hipRotation', { hipFlexion: 90 })).toBeGreaterThan(1);
    },
  ],
  [
    'obturator internus, quadratus femoris and obturator externus stay outward rotators',
    () => {
      for (const line of ['obturator-internus-gemelli', 'quadratus-femoris', 'obturator-externus'])
        for (const hipFlexion of [0, 45, 90]) expect(arm(line, 'hipRotation', { hipFlexion })).toBeLessThan(0.3);
    },
  ],
  [
    'tensor fasciae latae flexes, abducts and turns in',
    () => {
      expect(arm('tensor-fasciae-latae', 'hipFlexion', {})).toBeGreaterThan(2);
      expect(arm('tensor-fasciae-latae', 'hipAdduction', {})).toBeLessThan(-3);
      expect(arm('tensor-fasciae-latae', 'hipRotation', {})).toBeGreaterThan(0);
    },
  ],
  [
    'tensor fasciae latae is lengthened by extension with adduction',
    () =>
      expect(elongation('tensor-fasciae-latae', { hipFlexion: -10, hipAdduction: 20 })).toBeGreaterThan(
        elongation('tensor-fasciae-latae', { hipFlexion: -10 }) + 0.1,
      ),
  ],
  [
    'adductor longus flexes a straight hip and extends a bent one',
    () => {
      expect(arm('adductor-longus', 'hipFlexion', {})).toBeGreaterThan(1);
      expect(arm('adductor-longus', 'hipFlexion', { hipFlexion: 90 })).toBeLessThan(-0.5);
    },
  ],
  [
    'the lower part of adductor magnus extends the hip like a hamstring',
    () => expect(arm('adductor-magnus-lower', 'hipFlexion', { hipFlexion: 60 })).toBeLessThan(-2),
  ],
  [
    'bending the knee slackens gracilis in a wide leg, not adductor longus',
    () => {
      expect(elongation('gracilis', { hipAdduction: -40, kneeFlexion: 90 })).toBeLessThan(
        elongation('gracilis', { hipAdduction: -40 }) - 0.1,
      );
      expect(elongation('adductor-longus', { hipAdduction: -40, kneeFlexion: 90 })).toBeCloseTo(
        elongation('adductor-longus', { hipAdduction: -40 }),
        6,
      );
    },
  ],
  [
    'bending the knee slackens gastrocnemius, not soleus',
    () => {
      for (const line of ['gastrocnemius-medial', 'gastrocnemius-lateral'])
        expect(elongation(line, { ankleDorsiflexion: 25, kneeFlexion: 60 })).toBeLessThan(
          elongation(line, { ankleDorsiflexion: 25 }) - 0.3,
        );
      expect(elongation('soleus', { ankleDorsiflexion: 25, kneeFlexion: 60 })).toBeCloseTo(
        elongation('soleus', { ankleDorsiflexion: 25 }),
        6,
      );
    },
  ],
  [
    'psoas and iliacus flex the hip and are lengthened by extension',
    () => {
      for (const line of ['psoas-lower', 'psoas-upper', 'iliacus']) {
        expect(arm(line, 'hipFlexion', { hipFlexion: -20 })).toBeGreaterThan(1.5);
        expect(elongation(line, { hipFlexion: -25 })).toBeGreaterThan(elongation(line, {}));
      }
    },
  ],
  [
    'extension counts against the pelvis: the same thigh with the pelvis spilled forward lengthens iliacus less',
    () => {
      // Thigh 20° behind the vertical, once with an upright pelvis, once with 15° of forward tilt.
      const upright = elongation('iliacus', { hipFlexion: -20 });
      const spilled = elongation('iliacus', { hipFlexion: -20 + 15, lumbarFlexion: -15 });
      expect(spilled).toBeLessThan(upright - 0.05);
    },
  ],
  [
    'a forward-tilted pelvis pre-lengthens the hamstrings of a standing leg',
    () => expect(elongation('semimembranosus', { hipFlexion: 15 })).toBeGreaterThan(0.1),
  ],
  [
    'turning the thigh says little about psoas and iliacus',
    () => {
      for (const line of ['psoas-lower', 'iliacus'])
        for (const hipRotation of [-30, 30])
          expect(Math.abs(elongation(line, { hipRotation }) - elongation(line, {}))).toBeLessThan(0.1);
    },
  ],
  [
    'gluteus maximus extends, still at 120° of flexion',
    () => {
      for (const line of ['gluteus-maximus-upper', 'gluteus-maximus-middle', 'gluteus-maximus-lower'])
        for (const hipFlexion of [0, 60, 120]) expect(arm(line, 'hipFlexion', { hipFlexion })).toBeLessThan(-1);
    },
  ],
  [
    'hugging the knee lengthens gluteus maximus',
    () =>
      expect(elongation('gluteus-maximus-lower', { hipFlexion: 115 })).toBeGreaterThan(
        elongation('gluteus-maximus-lower', {}) + 0.3,
      ),
  ],
  [
    'hamstrings keep extending a deeply bent hip',
    () => {
      for (const line of ['semimembranosus', 'semitendinosus', 'biceps-femoris-long-head'])
        expect(arm(line, 'hipFlexion', { hipFlexion: 120 })).toBeLessThan(-2);
    },
  ],
  [
    'hamstrings bend the knee at every angle',
    () => {
      for (const kneeFlexion of [5, 45, 90, 130])
        expect(arm('semitendinosus', 'kneeFlexion', { kneeFlexion })).toBeGreaterThan(1);
    },
  ],
  [
    'the front of the thigh straightens the knee at every angle',
    () => {
      for (const kneeFlexion of [5, 60, 120, 150]) {
        expect(arm('vasti', 'kneeFlexion', { kneeFlexion })).toBeLessThan(-1);
        expect(arm('rectus-femoris', 'kneeFlexion', { kneeFlexion })).toBeLessThan(-1);
      }
    },
  ],
  [
    'only rectus femoris of the front thigh flexes the hip',
    () => {
      expect(arm('rectus-femoris', 'hipFlexion', {})).toBeGreaterThan(2);
      expect(arm('vasti', 'hipFlexion', {})).toBeCloseTo(0, 6);
    },
  ],
  [
    'gluteus medius abducts',
    () => {
      for (const line of ['gluteus-medius-anterior', 'gluteus-medius-middle', 'gluteus-medius-posterior'])
        expect(arm(line, 'hipAdduction', {})).toBeLessThan(-2);
    },
  ],
  [
    'its front turns in',
    () => expect(arm('gluteus-medius-anterior', 'hipRotation', { hipFlexion: 30 })).toBeGreaterThan(0.5),
  ],
  [
    'the adductors adduct',
    () => {
      for (const line of ['adductor-longus', 'adductor-brevis', 'adductor-magnus-middle', 'gracilis', 'pectineus'])
        expect(arm(line, 'hipAdduction', {})).toBeGreaterThan(1);
    },
  ],
  [
    'sartorius flexes the hip and bends the knee',
    () => {
      expect(arm('sartorius', 'hipFlexion', { hipFlexion: 20, kneeFlexion: 20 })).toBeGreaterThan(2);
      expect(arm('sartorius', 'kneeFlexion', { hipFlexion: 20, kneeFlexion: 20 })).toBeGreaterThan(0);
    },
  ],
  [
    'the calf points the foot',
    () => {
      for (const line of ['gastrocnemius-medial', 'soleus'])
        expect(arm(line, 'ankleDorsiflexion', {})).toBeLessThan(-3);
    },
  ],
  [
    'rounding the back lengthens erector spinae and slackens rectus abdominis',
    () => {
      expect(elongation('erector-spinae', { lumbarFlexion: 40 })).toBeGreaterThan(0.1);
      expect(elongation('rectus-abdominis', { lumbarFlexion: 40 })).toBeLessThan(-0.1);
    },
  ],
];

describe('facts of anatomy', () => {
  it.each(FACTS)('%s', (_, check) => check());
});

describe('geometry of the lines', () => {
  let random: () => number;
  beforeAll(() => {
    let state = 12345;
    random = () => (state = (state * 16807) % 2147483647) / 2147483647;
  });
  const between = (a: number, b: number) => a + (b - a) * random();
  const anywhere = (): Angles => ({
    lumbarFlexion: between(-20, 40),
    hipFlexion: between(-30, 135),
    hipAdduction: between(-60, 30),
    hipRotation: between(-50, 45),
    kneeFlexion: between(0, 150),
    ankleDorsiflexion: between(-45, 35),
  });

  it('has no jump in length along 60 random ways through joint space', () => {
    let worst = 0;
    for (let way = 0; way < 60; way++) {
      const a = anywhere(),
        b = anywhere();
      const at = (t: number): Angles =>
        Object.fromEntries(Object.entries(a).map(([k, v]) => [k, v + ((b[k as keyof Angles] ?? 0) - v) * t]));
      const rows = Array.from({ length: 61 }, (_, i) => Float64Array.from(lengthsAt(at(i / 60))));
      for (let i = 1; i < 60; i++)
        for (let k = 0; k < LINES.length; k++)
          worst = Math.max(worst, Math.abs(rows[i - 1][k] - 2 * rows[i][k] + rows[i + 1][k]));
    }
    // Second difference over steps of up to 3°: a jump would show as centimetres.
    expect(worst).toBeLessThan(0.004);
  });

  it('keeps every length positive and finite anywhere', () => {
    for (let i = 0; i < 200; i++)
      for (const length of lengthsAt(anywhere())) {
        expect(Number.isFinite(length)).toBe(true);
        expect(length).toBeGreaterThan(0.01);
      }
  });

  it('gives moment arms that add up to the change of length (path independence)', () => {
    const arms = new Float64Array(model.lineCount * HALF_COUNT);
    const from = halfFromDegrees({ hipFlexion: 20, kneeFlexion: 20 }),
      to = halfFromDegrees({ hipFlexion: 80, hipAdduction: -15, kneeFlexion: 60 });
    const start = Float64Array.from(model.lengths(from, new Float64Array(model.lineCount)));
    const end = Float64Array.from(model.lengths(to, new Float64Array(model.lineCount)));
    const work = new Float64Array(model.lineCount);
    const steps = 400;
    const q = Float64Array.from(from);
    for (let s = 0; s < steps; s++) {
      for (let c = 0; c < HALF_COUNT; c++) q[c] = from[c] + ((to[c] - from[c]) * (s + 0.5)) / steps;
      model.momentArms(q, arms);
      for (let k = 0; k < model.lineCount; k++)
        for (let c = 0; c < HALF_COUNT; c++) work[k] -= (arms[k * HALF_COUNT + c] * (to[c] - from[c])) / steps;
    }
    LINE_IDS.forEach((_, k) => expect(work[k]).toBeCloseTo(end[k] - start[k], 4));
  });

  it('gives the same answer twice and does not depend on what was asked before', () => {
    const angles = { hipFlexion: 70, hipRotation: -20, kneeFlexion: 40 };
    const first = Array.from(lengthsAt(angles));
    lengthsAt(anywhere());
    expect(Array.from(lengthsAt(angles))).toEqual(first);
  });

  it('names the source of every line', () => {
    for (const line of LINES) expect(line.source.length).toBeGreaterThan(5);
  });

  it('throws on a line that does not exist', () => {
    expect(() => lineIndex('trapezius')).toThrow('unknown line');
  });
});
