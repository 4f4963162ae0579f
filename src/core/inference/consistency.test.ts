import { describe, expect, it } from 'vitest';
import { readAll, simulateStudent } from '@demo/simulated-student';
import { BATTERY } from '@/core/assessment/battery';
import type { Reading } from '@/core/assessment/reading';
import { infer } from './infer';
import { readAt } from './readings.fixtures';
import { amount } from '@/core/how-much.fixtures';

const about = (readings: readonly Reading[]) => infer({ id: 's' }, readings, { next: false }).findings;

const hamstrings = [
  readAt('straight-leg-raise', 'hip-flexion', -2),
  readAt('knee-extension-90-90', 'missing-extension', -2),
  readAt('straight-leg-raise', 'hip-flexion', -2, { variant: 'other-knee-bent' }),
];
const others = [
  readAt('modified-thomas', 'hip-extension', 0),
  readAt('modified-thomas', 'knee-flexion', 0),
  readAt('prone-knee-bend', 'knee-flexion', 0),
  readAt('knee-to-chest', 'hip-flexion', 0.2),
  readAt('supine-abduction', 'straight-knee', 0),
  readAt('prone-hip-rotation', 'internal-rotation', 0),
];

describe('readings that do not fit', () => {
  it('are none where everything fits', () => expect(about([...hamstrings, ...others]).doubts).toEqual([]));
  it('are none where nothing else speaks about it: a lone witness is believed', () => {
    const alone = about([readAt('prone-hip-rotation', 'internal-rotation', -2.6), ...others.slice(0, 3)]);
    expect(alone.doubts).toEqual([]);
  });
  it('one wild reading in ten is named and does not turn a finding held by three', () => {
    const wild = readAt('knee-extension-90-90', 'missing-extension', 3, { takenAt: '2026-03-02T10:00:00.000Z' });
    const rest = [
      readAt('straight-leg-raise', 'hip-flexion', -2.2),
      readAt('straight-leg-raise', 'hip-flexion', -2.2, { variant: 'other-knee-bent' }),
      readAt('straddle', 'angle-between-thighs', -1, { side: 'both' }),
    ];
    const f = about([...rest, wild, ...others]);
    const flagged = f.doubts.flatMap((d) => (d.kind === 'stray' ? [d.reading] : d.readings));
    expect(flagged).toContain(wild.id);
    const slr = f.movements.find((m) => m.movement === 'hip-flexion-knee-straight');
    expect(slr?.limiters[0].group).toBe('hamstrings');
    expect(f.groups.find((s) => s.group === 'hamstrings' && s.side === 'left')?.z).toBeLessThan(0);
  });
  it('two that say opposite things are both named, and the movement is not clear then', () => {
    const f = about([
      readAt('straight-leg-raise', 'hip-flexion', -2.6),
      readAt('knee-extension-90-90', 'missing-extension', 2.4),
    ]);
    expect(f.doubts).toHaveLength(1);
    expect(f.doubts[0]).toMatchObject({ kind: 'contradiction', group: 'hamstrings', side: 'left' });
    expect(f.movements.find((m) => m.movement === 'hip-flexion-knee-straight')?.clarity).toBe('unclear');
  });
  it('are seldom in students whose readings have only their usual errors', () => {
    let flagged = 0,
      all = 0;
    for (let seed = 0; seed < amount(2, 5); seed++) {
      const readings = readAll(simulateStudent('s', 900 + seed), {
        takenAt: '2026-03-01T10:00:00.000Z',
        tests: BATTERY.map((t) => t.id),
      });
      const f = about(readings);
      flagged += f.doubts.length;
      all += f.diagnostics.readings;
    }
    expect(all).toBeGreaterThan(amount(80, 200));
    expect(flagged / all).toBeLessThan(0.02);
  });
});
