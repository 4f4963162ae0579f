import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { OTHER_WORLDS, recoverElsewhere, type OtherWorld } from '@demo/other-recovery';
import { digestOf, type OtherWorldFile } from '@demo/recovery-summary';
import { Country, readAnew, USUAL_LAWS } from '@demo/other-world/people';
import { amount } from '@/core/how-much.fixtures';
import { BATTERY, modelledReadoutOf } from '@/core/assessment/battery';
import { isModelled, normFor } from '@/core/assessment/definition';
import { meanOf } from '@/core/assessment/reading';

const file = JSON.parse(readFileSync('docs/other-world.json', 'utf8')) as OtherWorldFile<OtherWorld>;
const names = Object.keys(OTHER_WORLDS) as OtherWorld[];

describe('a world that shares no table with the inference, as published', () => {
  const { usual } = file.worlds;
  it('names the limiter more often than the place felt and the usual limiter do', () => {
    expect(usual.right).toBeGreaterThanOrEqual(0.79);
    expect(usual.rightAmbiguous).toBeGreaterThanOrEqual(0.69);
    expect(usual.right).toBeGreaterThan(usual.rule + 0.08);
    expect(usual.right).toBeGreaterThan(usual.usual + 0.15);
  });
  it('means what it says', () => {
    expect(usual.calibration).toBeLessThanOrEqual(0.05);
    expect(usual.rightSure).toBeGreaterThanOrEqual(0.89);
  });
  it('stays better than both in every world in which one more truth is another', () => {
    for (const name of names) {
      const w = file.worlds[name];
      expect(w.right, name).toBeGreaterThan(Math.max(w.rule, w.usual));
      expect(Math.abs(w.stated - w.right), name).toBeLessThan(0.12);
    }
  });
});

describe('that world', () => {
  const country = new Country(USUAL_LAWS, 11);
  it('has untroubled people who meet the norms on the whole', () => {
    const values = new Map<string, number[]>();
    for (let k = 0; k < 40; k++)
      for (const r of readAnew(country, country.born(70_000 + k, false)).readings)
        if (!r.variant && r.side === 'left') {
          const key = `${r.test}/${r.readout}`;
          values.set(key, [...(values.get(key) ?? []), meanOf(r.trials)]);
        }
    expect(values.size).toBeGreaterThan(15);
    for (const [key, read] of values) {
      const [test, id] = key.split('/');
      const readout = modelledReadoutOf(test, id);
      if (!readout) throw new Error(key);
      const { mean, sd } = normFor(readout, undefined);
      // A third of them each is read against another sex's norm.
      expect(Math.abs(meanOf(read) - mean), key).toBeLessThan(sd);
    }
  });
  it('reads what is pushed, and leaves hanging legs alone', () => {
    const { readings, truth } = readAnew(country, country.born(1));
    const pushed = BATTERY.flatMap((t) => (t.sided ? t.readouts.filter(isModelled).map((r) => [t.id, r.manner]) : []));
    expect(pushed.some(([, manner]) => manner === 'hanging')).toBe(true);
    expect(readings.some((r) => r.test === 'modified-thomas')).toBe(false);
    expect(readings.every((r) => truth.has(r.id))).toBe(true);
  });
  it('makes the same person twice', () =>
    expect(readAnew(country, country.born(3))).toEqual(readAnew(new Country(USUAL_LAWS, 11), country.born(3))));
  it('is judged again as the file says', () => {
    const again = amount(2, 20);
    const made = digestOf({ said: recoverElsewhere('usual', again) });
    expect(made).toHaveLength(again);
    made.forEach(([right, all], k) => {
      const [r, a] = file.digest[k];
      expect(all).toBe(a);
      expect(Math.abs(right - r)).toBeLessThanOrEqual(2);
    });
  });
});
