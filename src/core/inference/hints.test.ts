import { describe, expect, it } from 'vitest';
import type { Reading } from '@/core/assessment/reading';
import { hintWords } from './hint-words';
import { HINT_KINDS, hintsOf, type HintKind, type Understood } from './hints';
import { infer } from './infer';
import { readAt, readOf } from './readings.fixtures';

const turning = (inward: number, outward: number): Reading[] =>
  (['prone-hip-rotation', 'seated-hip-rotation'] as const).flatMap((t) => [
    readOf(t, 'internal-rotation', inward),
    readOf(t, 'external-rotation', outward),
  ]);
const raise = (z: number, more: Partial<Reading> = {}) => readAt('straight-leg-raise', 'hip-flexion', z, more);
const both = (z: number) => [raise(z), raise(z, { side: 'right' })];
const sore = { complaints: [{ place: 'groin-pinch', side: 'left' }] } as const satisfies Understood;

/** What was read → the hint it must give, and the same without its point → not. */
const CASES: readonly (readonly [HintKind, readonly Reading[], readonly Reading[], Understood?])[] = [
  ['nerve', [raise(-1.5, { distant: 'changes' })], [raise(-1.5, { distant: 'same' })]],
  ['nerve', [raise(-1.5, { endFeel: 'nerve-like' })], [raise(-1.5)]],
  ['nerve', [readOf('slump', 'answer', 0)], [readOf('slump', 'answer', 1)]],
  // Her own trouble usually ends the test as pain: then it counts all the more.
  ['nerve', [readOf('slump', 'answer', 0, { pain: true })], [readOf('slump', 'answer', 2, { pain: true })]],
  [
    'mobile',
    [readOf('mobility-score', 'points', 5, { side: 'both' })],
    [readOf('mobility-score', 'points', 4, { side: 'both' })],
  ],
  [
    'mobile',
    [readOf('mobility-score', 'points', 4, { side: 'both' })],
    [readOf('mobility-score', 'points', 3, { side: 'both' })],
    { birthYear: 1960 },
  ],
  ['both-rotations', turning(15, 18), turning(36, 40)],
  ['turned-in-bone', turning(58, 25), turning(42, 30)],
  ['turned-out-bone', turning(20, 55), turning(35, 45)],
  ['guarding', [raise(-1.5, { afterBreath: 76 })], [raise(-1.5, { afterBreath: 62 })]],
  ['guarding', [raise(-1.5, { endFeel: 'fear' })], [raise(-1.5, { endFeel: 'stretch-firm' })]],
  ['body-contact', [raise(0, { endFeel: 'body-contact' })], [raise(0)]],
  [
    'pre-lengthened',
    [raise(-0.5, { placeFelt: 'back-thigh' }), readOf('standing-pelvic-tilt', 'tilt', 24)],
    [raise(-0.5, { placeFelt: 'back-thigh' }), readOf('standing-pelvic-tilt', 'tilt', 11)],
  ],
  [
    'pelvis-control',
    [raise(-1.5), readAt('knee-extension-90-90', 'missing-extension', 0)],
    [raise(-1.5), readAt('knee-extension-90-90', 'missing-extension', -1.5)],
  ],
  [
    'spine-or-proportion',
    [...both(0), readOf('sit-and-reach', 'reach', -25, { side: 'both' })],
    [...both(-1.5), readOf('sit-and-reach', 'reach', -25, { side: 'both' })],
  ],
  [
    'control',
    [
      readOf('straight-leg-raise', 'hip-flexion', 80),
      readOf('straight-leg-raise', 'hip-flexion', 60, { active: true }),
    ],
    [
      readOf('straight-leg-raise', 'hip-flexion', 80),
      readOf('straight-leg-raise', 'hip-flexion', 72, { active: true }),
    ],
  ],
  [
    'balance',
    [
      readOf('deep-squat', 'grade', 1, { side: 'both' }),
      readOf('deep-squat', 'grade', 3, { side: 'both', variant: 'on-the-back' }),
    ],
    [
      readOf('deep-squat', 'grade', 2, { side: 'both' }),
      readOf('deep-squat', 'grade', 2, { side: 'both', variant: 'on-the-back' }),
    ],
  ],
  [
    'mobile',
    [
      ...both(2.5),
      ...(['left', 'right'] as const).flatMap((side) => [
        readAt('knee-to-chest', 'hip-flexion', 2.3, { side }),
        readAt('prone-knee-bend', 'knee-flexion', 2.3, { side }),
      ]),
    ],
    [...both(2.5), readAt('knee-to-chest', 'hip-flexion', 0)],
  ],
];

describe('what points past the muscle', () => {
  it.each(CASES.map((c, i) => [`${c[0]} ${i}`, c] as const))('%s', (_, [kind, given, instead, person = {}]) => {
    const hint = hintsOf(given, person, []).find((h) => h.kind === kind);
    expect(hint).toBeDefined();
    expect(hint?.from.every((id) => given.some((r) => r.id === id))).toBe(true);
    expect(hintsOf(instead, person, []).some((h) => h.kind === kind)).toBe(false);
    const { title, seen, then } = hintWords(hint ?? { kind, facts: {}, refer: false });
    for (const said of [title, seen, then]) expect(said).not.toMatch(/NaN|undefined|null/);
  });
  it('tells the arithmetic of the standing tilt', () => {
    const [hint] = hintsOf(CASES.find(([kind]) => kind === 'pre-lengthened')?.[1] ?? [], {}, []);
    expect(hint.facts.together).toBeCloseTo(hint.facts.raise + hint.facts.tilt - hint.facts.usual, 9);
  });
  it('sends to a clinician for little turning with pain beyond fifty, and for a nerve that answers', () => {
    const of = (person: Understood) => hintsOf(turning(12, 16), person, [])[0];
    expect(of({ ...sore, birthYear: 1960 }).refer).toBe(true);
    expect(of({ ...sore, birthYear: 1995 }).refer).toBe(false);
    expect(of({ birthYear: 1960 }).refer).toBe(false);
    expect(hintsOf(CASES[0][1], {}, [])[0].refer).toBe(true);
  });
  it('is nothing for usual readings, and comes with the findings', () => {
    expect(hintsOf([...both(0), ...turning(35, 42)], {}, [])).toEqual([]);
    const f = infer({ id: 's' }, turning(58, 25), { next: false }).findings;
    expect(f.hints.map((h) => h.kind)).toContain('turned-in-bone');
    expect(HINT_KINDS).toContain(f.hints[0].kind);
  });
  it('says joint or nerve from the limiters themselves', () => {
    const block = (['internal-rotation', 'external-rotation'] as const).map((r) =>
      readAt('seated-hip-rotation', r, -2.4, { endFeel: 'hard-block', placeFelt: 'groin-pinch' }),
    );
    const f = infer(
      { id: 's' },
      [...block, readAt('knee-to-chest', 'hip-flexion', -2.4, { endFeel: 'hard-block', placeFelt: 'groin-pinch' })],
      { next: false },
    ).findings;
    expect(f.hints.some((h) => h.kind === 'joint')).toBe(true);
  });
});

describe('explicit evidence', () => {
  const share = (readings: readonly Reading[], group: string) =>
    infer({ id: 's' }, readings, { next: false }).findings.movements[0].limiters.find((l) => l.group === group)
      ?.probability ?? 0;
  it('a far feeling changed by head or ankle speaks for the nerve, unchanged against it', () => {
    const plain = share([raise(-1.8)], 'nerve-like');
    expect(share([raise(-1.8, { distant: 'changes' })], 'nerve-like')).toBeGreaterThan(plain + 0.05);
    expect(share([raise(-1.8, { distant: 'same' })], 'nerve-like')).toBeLessThanOrEqual(plain);
  });
  it('what breathing wins is not counted as short', () => {
    const z = (more: Partial<Reading>) =>
      infer({ id: 's' }, [raise(-2, more)], { next: false }).findings.groups.find(
        (s) => s.group === 'hamstrings' && s.side === 'left',
      )?.z ?? 0;
    expect(z({ afterBreath: 72 })).toBeGreaterThan(z({}) + 0.5);
    expect(z({ afterBreath: 58 })).toBe(z({}));
  });
});
