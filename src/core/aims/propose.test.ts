import { describe, expect, it } from 'vitest';
import { GROUPS, membersOf, SIDES, type GroupId, type Side } from '@/core/body';
import type { Findings, MovementFinding, StructureFinding } from '@/core/limits';
import { aimSchema } from '@/core/people/student';
import { workAims } from './choices';
import { proposeAims } from './propose';
import { reasonWords } from './words';

interface Given {
  short?: [GroupId, Side, number][];
  z?: [GroupId, Side, number][];
  movements?: Partial<MovementFinding>[];
  readings?: number;
}

function findings({ short = [], z = [], movements = [], readings = 3 }: Given): Findings {
  const structures = SIDES.flatMap((side) =>
    GROUPS.map((structure): StructureFinding => {
      const own = z.find(([g, s]) => g === structure && s === side)?.[2] ?? 0;
      return {
        structure,
        members: membersOf(structure),
        side,
        tolerance: { mean: own, low: own - 1, high: own + 1 },
        typical: { mean: 0, sd: 1 },
        z: own,
        shareBelow: 0.5,
        shortProbability: short.find(([g, s]) => g === structure && s === side)?.[2] ?? 0.1,
      };
    }),
  );
  return {
    student: 's',
    model: { version: 'm', note: '' },
    structures,
    movements: movements.map((m) => ({
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
    doubts: [],
    hints: [],
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
  it('lengthen what stops a movement that is below typical', () =>
    expect(
      said(findings({ movements: [{ limiters: [{ structure: 'rectus-femoris', probability: 0.8 }] }] })),
    ).toContain('lengthen rectus-femoris left limits'));
  it('leave a movement within typical alone', () =>
    expect(
      said(
        findings({ movements: [{ band: -0.4, limiters: [{ structure: 'rectus-femoris', probability: 0.9 }] }] }),
      ).filter((s) => s.includes('limits')),
    ).toEqual([]));
  it('never propose to lengthen a joint, a nerve or a bone', () => {
    const f = findings({
      short: [
        ['joint-or-capsule', 'left', 0.95],
        ['nerve-like', 'left', 0.95],
      ],
      movements: [{ limiters: [{ structure: 'joint-or-capsule', probability: 0.95 }] }],
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
      movements: [{ band: 0, limiters: [{ structure: 'hamstrings', probability: 0.9 }] }],
    });
    expect(said(f)).toContain('lengthen hamstrings left side-gap');
  });
  it('leave alone what already goes far', () =>
    expect(said(findings({ z: [['adductors', 'left', 2]] }))).toContain('leave adductors left very-mobile'));
  it('offer the least where nothing is short', () => {
    const f = findings({
      z: [['hamstrings', 'left', -0.4]],
      movements: [{ band: 0, limiters: [{ structure: 'hamstrings', probability: 0.9 }] }],
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
