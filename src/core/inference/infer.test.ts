import { describe, expect, it } from 'vitest';
import { BATTERY } from '@/core/assessment/battery';
import { modelledReadouts } from '@/core/assessment/definition';
import type { Reading } from '@/core/assessment/reading';
import { readAll, simulateStudent } from '@demo/simulated-student';
import type { Findings } from './index';
import { infer } from './infer';
import { informationGain } from './information';
import { bandWords, headline, inHundred, leadingMovement, limiterWords } from './words';

/** Tests that tell the model something. */
const ASKED = BATTERY.filter((t) => modelledReadouts(t).length > 0);

const student = { id: 's', sexForNorms: 'female' as const };
const T = '2026-02-01T09:00:00.000Z';
const all = readAll(simulateStudent('s', 13, [{ group: 'hamstrings', side: 'left', by: -2.2 }], 'female'), {
  takenAt: T,
});
const only = (...tests: string[]) => all.filter((r) => tests.includes(r.test));
const structure = (f: Findings, name: string, side: string) => {
  const found = f.groups.find((s) => s.group === name && s.side === side);
  if (!found) throw new Error(`no ${name}`);
  return found;
};

describe('with nothing read', () => {
  const { findings } = infer(student, []);
  it('says what typical people have and names no limiter', () => {
    expect(findings.movements).toHaveLength(0);
    expect(findings.diagnostics.readings).toBe(0);
    for (const s of findings.groups) {
      expect(Math.abs(s.z)).toBeLessThan(0.35);
      expect(s.shortProbability).toBeLessThan(0.7);
    }
    expect(headline(findings)).toBe('Nothing is measured yet.');
  });
  it('proposes every test of both sides, the most telling first', () => {
    expect(findings.next.length).toBe(2 * ASKED.length);
    for (let i = 1; i < findings.next.length; i++)
      expect(findings.next[i].gain).toBeLessThanOrEqual(findings.next[i - 1].gain);
    expect(findings.next[0].gain).toBeGreaterThan(0.1);
  });
});

describe('with readings', () => {
  const { findings, posterior } = infer(student, all);
  it('finds the short side and says so in a sentence', () => {
    expect(structure(findings, 'hamstrings', 'left').z).toBeLessThan(structure(findings, 'hamstrings', 'right').z);
    const lead = leadingMovement(findings);
    expect(lead?.movement).toBe('hip-flexion-knee-straight');
    expect(lead?.side).toBe('left');
    expect(headline(findings)).toBe('Left straight leg raise is limited by the hamstrings.');
    expect(lead && limiterWords(lead)).toContain('hamstrings, 9');
  });
  it('narrows what it is sure of and leaves wide what no test asked', () => {
    const width = (name: string) => {
      const { low, high } = structure(findings, name, 'left').tolerance;
      return high - low;
    };
    expect(width('hamstrings')).toBeLessThan(width('calf'));
    expect(width('rectus-femoris')).toBeLessThan(width('instep'));
  });
  it('gives probabilities that add up to about one for each movement', () => {
    for (const m of findings.movements) {
      const sum = m.limiters.reduce((s, l) => s + l.probability, 0);
      expect(sum).toBeGreaterThan(0.85);
      expect(sum).toBeLessThanOrEqual(1 + 1e-9);
      expect(m.readings.length).toBeGreaterThan(0);
    }
  });
  it('hands the fit of poses a mean and a set of draws', () => {
    expect(posterior.draws).toHaveLength(posterior.drawCount * posterior.mean.length);
    expect(Array.from(posterior.mean).every(Number.isFinite)).toBe(true);
  });
  it('answers the same question the same way', () =>
    expect(JSON.stringify(infer(student, all).findings)).toBe(JSON.stringify(findings)));
  it('has nothing left to ask when everything is read', () => {
    const person = simulateStudent('s', 13, [], 'female');
    const every = readAll(person, { takenAt: T, tests: BATTERY.map((t) => t.id) });
    expect(infer(student, every).findings.next).toHaveLength(0);
    // After the quick look only what it left out is asked.
    expect(findings.next.length).toBe(2 * (ASKED.length - 5));
  });
});

describe('what counts', () => {
  it('only the newest reading of a test and side', () => {
    const slr = all.find((r) => r.test === 'straight-leg-raise' && r.side === 'left') as Reading;
    const newer: Reading = { ...slr, id: 'newer', trials: [84], takenAt: '2026-02-09T09:00:00.000Z' };
    const old = infer(student, [slr]).findings,
      renewed = infer(student, [slr, newer]).findings,
      alone = infer(student, [newer]).findings;
    expect(structure(renewed, 'hamstrings', 'left').z).toBeGreaterThan(structure(old, 'hamstrings', 'left').z);
    expect(structure(renewed, 'hamstrings', 'left').z).toBe(structure(alone, 'hamstrings', 'left').z);
  });
  it('nobody else’s readings', () => {
    const other = all.map((r) => ({ ...r, student: 'somebody-else' }));
    expect(infer(student, other).findings.diagnostics.readings).toBe(0);
  });
  it('the place felt moves an ambiguous movement', () => {
    const thomas = only('modified-thomas').filter((r) => r.side === 'right' && r.readout === 'hip-extension');
    const felt = (placeFelt: Reading['placeFelt']) =>
      infer(
        student,
        thomas.map((r) => ({ ...r, trials: [-6], placeFelt })),
      ).findings.movements[0].limiters;
    const share = (list: ReturnType<typeof felt>, name: string) => list.find((l) => l.group === name)?.probability ?? 0;
    expect(share(felt('front-thigh'), 'rectus-femoris')).toBeGreaterThan(
      share(felt('front-hip-crease'), 'rectus-femoris') + 0.2,
    );
  });
  it('a second inclinometer takes the pelvis out of the reading', () => {
    const slr = only('straight-leg-raise').filter((r) => r.side === 'left');
    const z = (tilt: number) =>
      structure(
        infer(
          student,
          slr.map((r) => ({ ...r, trials: [70], pelvicTilt_deg: tilt })),
        ).findings,
        'hamstrings',
        'left',
      ).z;
    expect(z(5)).toBeGreaterThan(z(30) + 0.5);
  });
  it('one side tells something about the other', () => {
    const left = infer(
      student,
      only('straight-leg-raise').filter((r) => r.side === 'left'),
    ).findings;
    expect(structure(left, 'hamstrings', 'right').z).toBeLessThan(-0.2);
  });
});

describe('information', () => {
  it('is one bit where a cell tells one of two labels, nothing where it tells none', () => {
    const labels = Uint8Array.from({ length: 4000 }, (_, i) => i % 2);
    expect(informationGain(labels, Uint16Array.from(labels))).toBeCloseTo(1, 2);
    expect(
      informationGain(
        labels,
        Uint16Array.from({ length: 4000 }, (_, i) => Math.floor(i / 2) % 2),
      ),
    ).toBeLessThan(0.01);
  });
});

describe('words', () => {
  it('never say 0 or 100 in 100', () => {
    expect(inHundred(1)).toBe('99 in 100');
    expect(inHundred(0)).toBe('1 in 100');
    expect(inHundred(0.5)).toBe('50 in 100');
  });
  it.each([
    [-3, 'clearly less than typical'],
    [-1.5, 'less than typical'],
    [0, 'within typical'],
    [1.5, 'more than typical'],
    [3, 'much more than typical'],
  ])('%s SD is %s', (band, words) => expect(bandWords(band)).toBe(words));
});

describe('a measured twist of the thigh bone', () => {
  const turnIn = all.filter((r) => r.test === 'prone-hip-rotation' && r.side === 'left');
  const deep = (left?: number) => {
    const measures = left === undefined ? undefined : { femoralVersion_deg: { left } };
    return structure(infer({ ...student, measures }, turnIn).findings, 'deep-buttock', 'left').tolerance.mean;
  };
  it('changes what the same reading says: a neck twisted further forward needs less of the muscles for it', () => {
    expect(deep(12)).toBeCloseTo(deep(), 2);
    expect(deep(27)).toBeLessThan(deep() - 0.2);
  });
});
