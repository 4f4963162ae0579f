import { describe, expect, it } from 'vitest';
import {
  ACTION_WORDS,
  actionsAt,
  actionSentences,
  ALIKE,
  angleWords,
  COORDINATE_WORDS,
  crossedBy,
  curveOf,
  curveSentences,
  HALF,
  HALF_COUNT,
  HALF_NAMES,
  halfFromDegrees,
  LINE_STRUCTURES,
  LINES,
  lineWords,
  linesOfStructure,
  muscleEntry,
  MuscleModel,
  MUSCLES,
  newHalf,
  partnersAt,
  passiveForces,
  passiveShares,
  REGION_WORDS,
  shareBelow,
  SLIGHT_M,
  testsReaching,
} from './index';

const model = new MuscleModel();
const standing = newHalf();
const sitting = halfFromDegrees({ hipFlexion: 90, kneeFlexion: 90 });

describe('the catalogue of muscles', () => {
  it('has every structure that has a line, and no other', () =>
    expect(MUSCLES.map((m) => m.structure).sort()).toEqual([...LINE_STRUCTURES].sort()));
  it('says of each where it runs, where to feel for it and what students say, in whole sentences', () => {
    for (const m of MUSCLES) {
      for (const text of [m.runs, m.feel, m.said]) expect(text, m.structure).toMatch(/^[A-Z].{15,}\.$/);
      if (m.care) expect(m.care).toMatch(/^[A-Z].*\.$/);
      expect(REGION_WORDS[m.region]).toBeTruthy();
      // What is said is a possibility: nothing is diagnosed.
      expect(`${m.said} ${m.care}`).not.toMatch(/diagnos|syndrome|tendinitis|sciatica/i);
    }
  });
  it('names the parts of a muscle apart', () => {
    for (const structure of LINE_STRUCTURES) {
      const words = linesOfStructure(structure).map((i) => lineWords(LINES[i].line));
      expect(new Set(words).size, structure).toBe(words.length);
    }
  });
  it('is asked by structure', () => {
    expect(muscleEntry('piriformis')?.name).toBe('piriformis');
    expect(muscleEntry('eyebrow')).toBeNull();
    expect(() => linesOfStructure('eyebrow')).toThrow('eyebrow');
  });
});

describe('what a muscle does at a posture', () => {
  it('comes strongest first, in the field’s words', () => {
    const actions = actionsAt(model, standing, 'piriformis');
    expect(actions[0].words).toBe('turns the thigh outward');
    for (let i = 1; i < actions.length; i++)
      expect(Math.abs(actions[i].arm_m)).toBeLessThanOrEqual(Math.abs(actions[i - 1].arm_m));
    expect(actionsAt(model, sitting, 'piriformis').map((a) => a.words)).toContain('turns the thigh inward');
  });
  it('leaves out what it does not cross, and calls slight what is slight', () => {
    expect(actionsAt(model, standing, 'vasti').map((a) => a.coordinate)).toEqual([HALF.kneeFlexion]);
    for (const a of actionsAt(model, standing, 'psoas')) expect(a.words === null).toBe(Math.abs(a.arm_m) < SLIGHT_M);
  });
  it('crosses the joints between its ends and no other', () => {
    const names = (structure: string) => crossedBy(model, structure).map((c) => HALF_NAMES[c]);
    expect(names('vasti')).toEqual(['knee_flexion']);
    expect(names('iliacus')).toEqual(['hip_flexion', 'hip_adduction', 'hip_rotation']);
    expect(names('hamstrings')).toEqual([
      'hip_flexion',
      'hip_adduction',
      'hip_rotation',
      'knee_flexion',
      'knee_rotation',
    ]);
    expect(names('soleus')).toEqual(['ankle_dorsiflexion', 'ankle_inversion']);
  });
  it('lies between its parts', () => {
    for (const structure of LINE_STRUCTURES)
      for (const a of actionsAt(model, sitting, structure)) {
        expect(a.arm_m).toBeGreaterThanOrEqual(a.least_m - 1e-12);
        expect(a.arm_m).toBeLessThanOrEqual(a.most_m + 1e-12);
      }
  });
  it('is told as sentences, with parts that disagree', () => {
    const text = actionSentences(actionsAt(model, sitting, 'gluteus-maximus')).join(' ');
    expect(text).toContain('extends the hip');
    expect(text).toMatch(/[Uu]pper fibres/);
    expect(actionSentences([])).toEqual(['Here it turns nothing much: its line passes through the joints.']);
  });
  it('has words for both ways of every coordinate', () => {
    for (const name of HALF_NAMES) {
      expect(new Set(ACTION_WORDS[name]).size).toBe(2);
      expect(COORDINATE_WORDS[name].plus).not.toBe(COORDINATE_WORDS[name].minus);
    }
    expect(angleWords('hip_adduction', -32)).toBe('32° abduction');
    expect(angleWords('hip_rotation', 0.2)).toBe('0°');
  });
});

describe('curves', () => {
  const reversal = (structure: string, about: number, line: string | null = null) =>
    curveOf(model, standing, structure, HALF.hipFlexion).reversals.find((r) => r.about === about && r.line === line);
  it('mark where piriformis turns from an outward into an inward rotator', () => {
    const r = reversal('piriformis', HALF.hipRotation);
    expect(r?.at_deg).toBeGreaterThan(45);
    expect(r?.at_deg).toBeLessThan(75);
    expect([r?.below, r?.above]).toEqual(['turns the thigh outward', 'turns the thigh inward']);
  });
  it('mark the parts that reverse where the whole does not', () => {
    expect(reversal('gluteus-maximus', HALF.hipRotation)).toBeUndefined();
    const upper = reversal('gluteus-maximus', HALF.hipRotation, 'gluteus-maximus-upper');
    expect(upper?.at_deg).toBeGreaterThan(45);
    expect(upper?.at_deg).toBeLessThan(80);
  });
  it('cross nought where they say', () => {
    for (const structure of LINE_STRUCTURES)
      for (const over of [HALF.hipFlexion, HALF.kneeFlexion]) {
        const curve = curveOf(model, standing, structure, over);
        for (const r of curve.reversals.filter((x) => x.line === null)) {
          const probe = standing.slice();
          probe[over] = (r.at_deg * Math.PI) / 180;
          const at = actionsAt(model, probe, structure).find((a) => a.coordinate === r.about);
          expect(Math.abs(at?.arm_m ?? 0), `${structure} at ${r.at_deg}`).toBeLessThan(0.002);
          expect(r.below).not.toBe(r.above);
        }
      }
  });
  it('are shaded where the muscle is slack, and reverse nothing there', () => {
    const curve = curveOf(model, standing, 'tensor-fasciae-latae', HALF.hipFlexion);
    expect(curve.slack.length).toBeGreaterThan(0);
    for (const r of curve.reversals)
      for (const [a, b] of curve.slack) expect(r.at_deg >= a && r.at_deg <= b).toBe(false);
    expect(curveSentences(curve).some((s) => s.includes('slack'))).toBe(true);
  });
  it('are told as sentences', () => {
    const sentences = curveSentences(curveOf(model, standing, 'adductors-short', HALF.hipFlexion));
    expect(sentences[0]).toMatch(/^It flexes the hip below \d+° flexion and extends the hip above it\.$/);
    expect(sentences.some((s) => s.startsWith('Its arm about hip adduction is greatest at'))).toBe(true);
  });
});

describe('partners', () => {
  const names = (list: readonly { structure: string }[]) => list.map((p) => p.structure);
  it('help who pulls alike and oppose who pulls back', () => {
    const { helpers, opposers } = partnersAt(model, standing, 'hamstrings');
    expect(names(helpers)).toContain('gluteus-maximus');
    expect(names(opposers)).toContain('iliacus');
    expect(names(partnersAt(model, standing, 'soleus').opposers)).toContain('ankle-dorsiflexors');
    expect(names(partnersAt(model, standing, 'gluteus-medius').opposers)).toContain('adductors-short');
  });
  it('are mutual and change with the posture', () => {
    for (const a of LINE_STRUCTURES)
      for (const p of partnersAt(model, sitting, a).helpers) {
        expect(p.likeness).toBeGreaterThanOrEqual(ALIKE);
        expect(names(partnersAt(model, sitting, p.structure).helpers)).toContain(a);
      }
    const flexors = (half: Float64Array) =>
      names(partnersAt(model, half, 'iliacus').helpers).includes('adductors-short');
    expect(flexors(halfFromDegrees({ hipFlexion: 90 }))).toBe(false);
  });
});

describe('passive pull', () => {
  const forces = (half: Float64Array) => passiveForces(model, half, new Float64Array(model.lineCount));
  it('is nothing in a line that is not stretched, and a fifth of the greatest force at the typical end', () => {
    expect(Math.max(...forces(standing))).toBeLessThan(1e-3);
    // The lines of which a test is the end stand there exactly: soleus with the knee at the wall.
    const wall = forces(halfFromDegrees({ kneeFlexion: 70, ankleDorsiflexion: 33 }));
    const soleus = LINES.findIndex((l) => l.line === 'soleus');
    expect(wall[soleus] / model.maximumForce(soleus)).toBeCloseTo(0.2, 3);
    // Straight leg raise: the hamstrings pull back more and more.
    const pull = (hipFlexion: number) =>
      passiveShares(model, halfFromDegrees({ hipFlexion }), 'hamstrings').find((p) => p.coordinate === HALF.hipFlexion);
    expect(pull(70)?.moment_Nm ?? 0).toBeLessThan((pull(40)?.moment_Nm ?? 0) - 5);
    expect(pull(70)?.share ?? 0).toBeGreaterThan(0.7);
  });
  it('shares add up to one for each direction of each joint', () => {
    const half = halfFromDegrees({
      hipFlexion: 60,
      hipAdduction: -20,
      kneeFlexion: 20,
      ankleDorsiflexion: 15,
      lumbarBend: 10,
    });
    const sums = new Map<string, number>();
    for (const structure of LINE_STRUCTURES)
      for (const p of passiveShares(model, half, structure)) {
        const key = `${p.coordinate}/${Math.sign(p.moment_Nm)}`;
        sums.set(key, (sums.get(key) ?? 0) + p.share);
      }
    expect(sums.size).toBeGreaterThan(4);
    for (const [key, sum] of sums) {
      // Muscles that pull with less than is told are missing from the sum.
      expect(sum, key).toBeGreaterThan(0.9);
      expect(sum, key).toBeLessThanOrEqual(1 + 1e-9);
    }
    expect(HALF_COUNT).toBe(HALF_NAMES.length);
  });
});

describe('tests that reach a muscle', () => {
  const reached = (structure: string) => testsReaching(model, structure).map((t) => t.id);
  it('are the ones the field uses for it', () => {
    expect(reached('rectus-femoris')).toContain('prone-knee-bend');
    expect(reached('rectus-femoris')).toContain('thomas-knee');
    expect(reached('hamstrings')).toEqual(expect.arrayContaining(['straight-leg-raise', 'knee-extension-90-90']));
    expect(reached('gastrocnemius')).toContain('straight-knee-lunge');
    expect(reached('soleus')).toContain('knee-to-wall');
    expect(reached('iliacus')).toContain('hip-extension');
    expect(reached('tensor-fasciae-latae')).toContain('ober');
  });
  it('are none for what never comes to its end', () => expect(reached('sartorius')).toEqual([]));
});

it('shares of people follow the normal curve', () => {
  for (const [z, share] of [
    [0, 0.5],
    [1, 0.841345],
    [-1.96, 0.024998],
    [3, 0.99865],
  ] as const)
    expect(shareBelow(z)).toBeCloseTo(share, 5);
});
