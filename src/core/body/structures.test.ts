import { describe, expect, it } from 'vitest';
import {
  angleProblem,
  COORDINATES,
  ELEMENT_IDS,
  ELEMENTS,
  GROUP_OF,
  groupOf,
  GROUPS,
  halfFromDegrees,
  isMuscleGroup,
  LINES,
  membersOf,
  postureFrom,
  PROXIES,
  STRAND_IDS,
  StrandModel,
  typicalEnd,
} from './index';
import { GROUP_WORDS } from './words';

describe('names', () => {
  it('puts every element into one reportable group', () => {
    ELEMENTS.forEach((e, i) => expect(GROUPS[GROUP_OF[i]]).toBe(e.group));
    expect(GROUPS.flatMap(membersOf).sort()).toEqual([...ELEMENT_IDS].sort());
  });
  it('finds a group by the name of a group, a muscle or a member', () => {
    expect(groupOf('hamstrings')).toBe('hamstrings');
    expect(groupOf('psoas')).toBe('deep-hip-flexor');
    expect(groupOf('piriformis')).toBe('deep-buttock');
    expect(groupOf('hip-bone')).toBe('joint-or-capsule');
    expect(groupOf('eyebrow')).toBeNull();
  });
  it('never names what is no muscle as an aim', () => {
    expect(isMuscleGroup('hamstrings')).toBe(true);
    for (const g of ['joint-or-capsule', 'nerve-like', 'knee-joint', 'ankle-joint', 'instep'] as const)
      expect(isMuscleGroup(g)).toBe(false);
  });
  it('has words for every group', () => {
    for (const g of GROUPS) {
      expect(GROUP_WORDS[g].name).toBeTruthy();
      expect(GROUP_WORDS[g].plain).toBeTruthy();
    }
  });
  it('refers only to lines and proxies that exist', () => {
    for (const e of ELEMENTS) for (const s of e.strands) expect(STRAND_IDS).toContain(s);
    expect(new Set(STRAND_IDS).size).toBe(LINES.length + PROXIES.length);
  });
});

describe('coordinates', () => {
  it('are 40, each with limits around zero and a meaning', () => {
    expect(COORDINATES).toHaveLength(40);
    for (const c of COORDINATES) {
      expect(c.min_deg).toBeLessThan(0);
      expect(c.max_deg).toBeGreaterThan(0);
      expect(c.positive).toBeTruthy();
    }
  });
  it('come in as degrees and are kept as radians', () =>
    expect(postureFrom({ pelvis_tilt: 90 })[0]).toBeCloseTo(Math.PI / 2, 12));
  it('are named in the answer to bad input', () => {
    expect(angleProblem({ hip_flexion_left: 90 })).toBeNull();
    expect(angleProblem({ hip_flexion: 90 })?.field).toBe('hip_flexion');
    expect(angleProblem({ knee_flexion_left: 400 })?.message).toContain('between -15 and 160');
    expect(angleProblem({ knee_flexion_left: Number.NaN })?.message).toContain('a number of degrees');
  });
  it('throw when a program names one that does not exist', () =>
    expect(() => postureFrom({ tail_flexion: 3 })).toThrow('tail_flexion'));
});

describe('standing among typical people', () => {
  const model = new StrandModel();
  const z = (id: string, angles: Parameters<typeof halfFromDegrees>[0], manner: 'pushed' | 'hanging' = 'pushed') =>
    model.standing(halfFromDegrees(angles), manner, new Float64Array(model.elementCount))[ELEMENT_IDS.indexOf(id)];

  it('is near 0 where the norms say that typical people stop', () => {
    // Straight leg raise of 72° with a quarter of it in the pelvis; knee bend of 130° lying; knee to wall 33°.
    expect(Math.abs(z('hamstrings', { hipFlexion: 55 }))).toBeLessThan(0.6);
    expect(Math.abs(z('rectus-femoris', { kneeFlexion: 130 }))).toBeLessThan(0.3);
    expect(Math.abs(z('soleus', { kneeFlexion: 70, ankleDorsiflexion: 33 }))).toBeLessThan(0.3);
    expect(Math.abs(z('deep-hip-flexor', { hipFlexion: -20 }))).toBeLessThan(0.5);
  });
  it('rises as the movement goes on', () => {
    let last = -Infinity;
    for (let hip = 20; hip <= 90; hip += 10) {
      const here = z('hamstrings', { hipFlexion: hip });
      expect(here).toBeGreaterThan(last);
      last = here;
    }
  });
  it('a hanging limb stops earlier than a pushed one', () => {
    const angles = { hipFlexion: -11, hipAdduction: -15.6, kneeFlexion: 52.5 };
    expect(z('rectus-femoris', angles, 'hanging')).toBeGreaterThan(z('rectus-femoris', angles, 'pushed') + 1);
  });
  it('tells where an end is only known to be at least so far', () => {
    expect(typicalEnd('hip-bone', 'pushed')?.anchor).toBe('our default');
    expect(typicalEnd('semimembranosus', 'pushed')?.anchor).toContain('Youdas');
    expect(typicalEnd('sartorius', 'pushed')).toBeNull();
  });
  it('gives every strand a spread above nothing', () => {
    for (const s of STRAND_IDS) {
      const t = typicalEnd(s, 'pushed');
      if (t) expect(t.sd).toBeGreaterThan(0.02);
    }
  });
  it('takes the greatest strand as the element', () => {
    const half = halfFromDegrees({ hipFlexion: 95, hipRotation: -30 });
    const elements = model.standing(half, 'pushed', new Float64Array(model.elementCount));
    const strands = model.strandStanding(half, 'pushed', new Float64Array(model.elementOfStrand.length));
    elements.forEach((value, g) => {
      const own = Array.from(strands).filter((_, k) => model.elementOfStrand[k] === g);
      expect(value).toBeCloseTo(Math.max(...own), 12);
    });
  });
});

describe('angle-based strands', () => {
  const value = (id: string, angles: Parameters<typeof halfFromDegrees>[0]) =>
    PROXIES.find((p) => p.id === id)?.angle(halfFromDegrees(angles)) ?? Number.NaN;
  it('say their form in words and follow it', () => {
    for (const p of PROXIES) expect(p.form.length).toBeGreaterThan(5);
    expect(value('hip-capsule-front', { hipFlexion: -20 })).toBeCloseTo(20, 9);
    expect(value('hip-bone', { hipFlexion: 90, hipAdduction: 20 })).toBeCloseTo(100, 9);
    expect(value('sciatic-nerve', { hipFlexion: 70, kneeFlexion: 50 })).toBeCloseTo(30, 9);
    expect(value('instep', { ankleDorsiflexion: -60 })).toBeCloseTo(60, 9);
  });
});
