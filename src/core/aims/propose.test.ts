import { describe, expect, it } from 'vitest';
import { GROUPS, membersOf, SIDES, type GroupId, type Side } from '@/core/body';
import type { Doubt, Findings, Hint, MovementFinding, StrengthFinding, GroupFinding } from '@/core/inference';
import { aimSchema } from '@/core/students/student';
import { workAims } from './choices';
import { AIM_DEFAULTS } from './defaults';
import { proposeAims, type AimContext } from './propose';
import { reasonWords } from './words';

interface Given {
  short?: [GroupId, Side, number][];
  z?: [GroupId, Side, number][];
  movements?: Partial<MovementFinding>[];
  readings?: number;
  hints?: Hint[];
  doubts?: Doubt[];
  /** True where no reading speaks of what is short. */
  untested?: boolean;
}

function findings({
  short = [],
  z = [],
  movements = [],
  readings = 3,
  hints = [],
  doubts = [],
  untested = false,
}: Given): Findings {
  const groups = SIDES.flatMap((side) =>
    GROUPS.map((group): GroupFinding => {
      const own = z.find(([g, s]) => g === group && s === side)?.[2] ?? 0;
      return {
        group,
        members: membersOf(group),
        side,
        tolerance: { mean: own, low: own - 1, high: own + 1 },
        typical: { mean: 0, sd: 1 },
        z: own,
        shareBelow: 0.5,
        shortProbability: short.find(([g, s]) => g === group && s === side)?.[2] ?? 0.1,
      };
    }),
  );
  // Something was read of whatever is called short or compared, in which it has a share of the stop, but not the chief
  // one.
  const read = [...short, ...z].map(([group, side]): Partial<MovementFinding> => ({
    side,
    band: 0,
    clarity: 'unclear',
    limiters: [
      { group: 'knee-joint', probability: 0.4 },
      { group, probability: 0.3 },
    ],
  }));
  return {
    student: 's',
    model: { version: 'm', note: '' },
    groups,
    movements: [...(untested ? [] : read), ...movements].map((m) => ({
      movement: 'hip-extension',
      side: 'left',
      test: 't',
      readout: 'r',
      end: { mean: 0, low: 0, high: 0 },
      measured: 0,
      norm: { mean: 0, sd: 1, source: '' },
      band: -1.5,
      limiters: [],
      clarity: 'one',
      readings: ['a'],
      carriers: [],
      plain: null,
      ...m,
    })),
    next: [],
    doubts,
    hints,
    question: null,
    diagnostics: { samples: 1, effective: 1, rhat: 1, readings, places: 0, seed: 1 },
  };
}
const said = (f: Findings) => proposeAims(f).map((a) => `${a.kind} ${a.group} ${a.side} ${a.reasons[0].kind}`);

describe('proposed aims', () => {
  it('are none before anything is read', () =>
    expect(proposeAims(findings({ short: [['hamstrings', 'left', 0.9]], readings: 0 }))).toEqual([]));
  it('lengthen what is short, above the stated threshold only', () => {
    expect(said(findings({ short: [['hamstrings', 'left', 0.9]] }))).toContain('lengthen hamstrings left short');
    expect(said(findings({ short: [['hamstrings', 'left', 0.69]] }))).toEqual([]);
  });
  it('are none for what no reading speaks of, however surely it is thought short', () =>
    expect(said(findings({ short: [['hamstrings', 'left', 0.95]], untested: true }))).toEqual([]));
  it('lengthen what stops a movement that is below typical', () =>
    expect(said(findings({ movements: [{ limiters: [{ group: 'rectus-femoris', probability: 0.8 }] }] }))).toContain(
      'lengthen rectus-femoris left limits',
    ));
  it('leave a movement within typical alone', () =>
    expect(
      said(findings({ movements: [{ band: -0.4, limiters: [{ group: 'rectus-femoris', probability: 0.9 }] }] })).filter(
        (s) => s.includes('limits'),
      ),
    ).toEqual([]));
  it('never propose to lengthen a joint, a nerve or a bone', () => {
    const f = findings({
      short: [
        ['joint-or-capsule', 'left', 0.95],
        ['nerve-like', 'left', 0.95],
      ],
      movements: [{ limiters: [{ group: 'joint-or-capsule', probability: 0.95 }] }],
    });
    expect(proposeAims(f).filter((a) => a.kind === 'lengthen')).toEqual([]);
  });
  it('put load on the buttock where the front of the hip is lengthened', () =>
    expect(said(findings({ short: [['deep-hip-flexor', 'right', 0.9]] }))).toEqual([
      'lengthen deep-hip-flexor right short',
      'strengthen gluteus-maximus right opposes',
    ]));
  it('see a side that has clearly less', () => {
    const f = findings({
      z: [
        ['hamstrings', 'left', -0.9],
        ['hamstrings', 'right', 0.6],
      ],
      movements: [{ band: 0, limiters: [{ group: 'hamstrings', probability: 0.9 }] }],
    });
    expect(said(f)).toContain('lengthen hamstrings left side-gap');
  });
  it('leave alone what already goes far', () =>
    expect(said(findings({ z: [['adductors', 'left', 2]] }))).toContain('leave adductors left very-mobile'));
  it('offer the least where nothing is short', () => {
    const f = findings({
      z: [['hamstrings', 'left', -0.4]],
      movements: [{ band: 0, limiters: [{ group: 'hamstrings', probability: 0.9 }] }],
    });
    expect(said(f)).toEqual(['lengthen hamstrings left least', 'lengthen hamstrings right least']);
  });
  it('are aims that a file can hold, heaviest first', () => {
    const list = proposeAims(
      findings({
        short: [
          ['deep-hip-flexor', 'right', 0.8],
          ['hamstrings', 'left', 0.95],
        ],
      }),
    );
    for (const a of workAims(list)) expect(aimSchema.safeParse(a).success).toBe(true);
    for (let i = 1; i < list.length; i++) expect(list[i].weight).toBeLessThanOrEqual(list[i - 1].weight);
    for (const a of list) expect(reasonWords(a.reasons[0])).toMatch(/\.$/);
  });
});

describe('aims beside strength, hints and schools', () => {
  const hint = (kind: Hint['kind'], more: Partial<Hint> = {}): Hint => ({
    kind,
    side: 'left',
    facts: { gap: 20 },
    from: ['a'],
    refer: false,
    ...more,
  });
  const weak = (test: string, muscles: string[], more: Partial<StrengthFinding> = {}): StrengthFinding => ({
    test,
    readout: 'hold',
    side: 'left',
    value: 10,
    norm: null,
    z: -2,
    gap: null,
    doubtful: false,
    muscles,
    ...more,
  });
  const kinds = (f: Findings, context: AimContext = {}) =>
    proposeAims(f, context).map((a) => `${a.kind} ${a.group} ${a.side}`);
  const shortHamstrings: Given['short'] = [['hamstrings', 'left', 0.9]];

  it('strengthen what is weak, from its test alone too', () => {
    const strength = [weak('single-leg-bridge', ['gluteus-maximus', 'hamstrings'])];
    expect(kinds(findings({ readings: 0 }), { strength })).toEqual([
      'strengthen gluteus-maximus left',
      'strengthen hamstrings left',
    ]);
    expect(kinds(findings({}), { strength: [weak('single-leg-bridge', ['hamstrings'], { doubtful: true })] })).toEqual(
      [],
    );
    expect(
      kinds(findings({}), {
        strength: [
          weak('single-leg-bridge', ['hamstrings'], { z: 0, gap: { gap: -9, detectable: 5, beyondError: true } }),
        ],
      }),
    ).toEqual(['strengthen hamstrings left']);
  });
  it('do both where it is short and weak', () =>
    expect(
      kinds(findings({ short: shortHamstrings }), { strength: [weak('single-leg-bridge', ['hamstrings'])] }),
    ).toEqual(['both hamstrings left']));
  it('never stretch what is long and weak', () => {
    const f = findings({
      z: [['hamstrings', 'left', 1]],
      movements: [{ limiters: [{ group: 'hamstrings', probability: 0.9 }] }],
    });
    const [aim] = proposeAims(f, { strength: [weak('single-leg-bridge', ['hamstrings'])] });
    expect(aim).toMatchObject({ kind: 'strengthen', group: 'hamstrings', avoid: ['stretching'] });
    expect(aim.reasons.map((r) => r.kind)).toContain('long-and-weak');
  });
  it('give very mobile students strength, not length', () => {
    const f = findings({ short: shortHamstrings, hints: [hint('mobile', { side: 'both' })] });
    expect(kinds(f)).toEqual(['strengthen hamstrings left']);
    expect(proposeAims(f)[0].avoid).toContain('end-range');
  });
  it('hold nothing at its end where the nerve may speak, and refer where it does', () => {
    expect(kinds(findings({ short: shortHamstrings, hints: [hint('nerve')] }))).toEqual(['leave hamstrings left']);
    expect(kinds(findings({ short: shortHamstrings, hints: [hint('nerve', { refer: true })] }))).toContain(
      'refer nerve-like left',
    );
    expect(kinds(findings({ hints: [hint('both-rotations', { refer: true })] }))).toEqual([
      'refer joint-or-capsule left',
    ]);
    expect(kinds(findings({ hints: [hint('joint')] }))).toEqual(['leave joint-or-capsule left']);
  });
  it('conclude nothing from readings that contradict each other', () =>
    expect(
      kinds(
        findings({
          short: shortHamstrings,
          doubts: [{ kind: 'contradiction', readings: ['a', 'b'], side: 'left', group: 'hamstrings' }],
        }),
      ),
    ).toEqual([]));
  it('follow the teacher’s school where teachers differ', () => {
    const long = findings({ short: shortHamstrings, hints: [hint('pre-lengthened')] });
    expect(kinds(long)).toEqual(['strengthen hamstrings left']);
    expect(kinds(long, { defaults: { ...AIM_DEFAULTS, hamstrings: 'stretch' } })).toEqual(['lengthen hamstrings left']);
    const outer = findings({ short: [['lateral-hip', 'left', 0.9]] });
    expect(kinds(outer)).toEqual(['strengthen lateral-hip left']);
    expect(kinds(outer, { defaults: { ...AIM_DEFAULTS, outerHip: 'stretch' } })).toEqual(['lengthen lateral-hip left']);
    expect(kinds(outer, { defaults: { ...AIM_DEFAULTS, outerHip: 'both' } })).toEqual(['both lateral-hip left']);
    expect(proposeAims(outer)[0].school).toBe('outer-hip');
  });
  it('strengthen who should move a range that only the hand reaches', () => {
    const f = findings({
      hints: [hint('control', { from: ['a'] })],
      movements: [{ movement: 'hip-flexion-knee-straight', band: 0, readings: ['a'] }],
    });
    expect(kinds(f)).toEqual(['strengthen deep-hip-flexor left']);
  });
  it('do not ask for the back of the hip where it is measured and strong', () => {
    const f = findings({ short: [['deep-hip-flexor', 'left', 0.9]] });
    const strong = [weak('single-leg-bridge', ['gluteus-maximus'], { z: 0.4 })];
    expect(kinds(f, { strength: strong })).toEqual(['lengthen deep-hip-flexor left']);
    expect(proposeAims(f)[0].opposite).toBe('gluteus-maximus');
  });
  it('never name the band', () => {
    for (const a of proposeAims(findings({ short: GROUPS.map((g) => [g, 'left', 0.95]) })))
      expect(a.group).not.toMatch(/band|tract/);
  });
  it('have words for every reason', () => {
    const all = proposeAims(
      findings({
        short: GROUPS.map((g) => [g, 'left', 0.95]),
        hints: [
          hint('mobile', { side: 'both' }),
          hint('nerve', { refer: true }),
          hint('joint'),
          hint('pre-lengthened'),
        ],
      }),
      { strength: [weak('single-leg-bridge', ['gluteus-maximus'])] },
    );
    for (const r of all.flatMap((a) => a.reasons)) expect(reasonWords(r)).toMatch(/^[A-Z].*\.$/);
  });
});
