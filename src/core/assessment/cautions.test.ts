import { describe, expect, it } from 'vitest';
import { demandsOf, LIBRARY } from '@/core/poses';
import { BATTERY } from './battery';
import { cautionById, CAUTIONS } from '@/core/cautions/catalogue';
import { poseConflicts, screen, testLock } from '@/core/cautions/screen';

const screened = (...ids: string[]) => screen(ids.map((caution) => ({ caution })));

describe('the catalogue', () => {
  it('has ids of its own, a message for each, and names only tests and demands that exist', () => {
    expect(new Set(CAUTIONS.map((c) => c.id)).size).toBe(CAUTIONS.length);
    const tests = new Set(BATTERY.map((t) => t.id));
    for (const c of CAUTIONS) {
      expect(c.message.length).toBeGreaterThan(10);
      if (c.tests !== 'all') for (const t of c.tests) expect(tests).toContain(t);
    }
  });
  it('never names a disease as a finding, only what was said', () => {
    for (const c of CAUTIONS) expect(c.message).not.toMatch(/you have|diagnos/i);
  });
  it('every refer-now stops all tests and all poses', () => {
    for (const c of CAUTIONS.filter((x) => x.level === 'refer-now')) {
      expect(c.tests).toBe('all');
      expect(c.demands).toBe('all');
    }
  });
  it('is asked by id', () => {
    expect(cautionById('knee-injury')?.level).toBe('adapt');
    expect(cautionById('hiccups')).toBeNull();
  });
});

describe('screening', () => {
  it('goes with nothing said', () => expect(screened()).toMatchObject({ level: 'go', stopped: false }));
  it('takes the strictest of several', () => {
    expect(screened('touch').level).toBe('note');
    expect(screened('touch', 'knee-injury').level).toBe('adapt');
    expect(screened('knee-injury', 'hip-replacement').level).toBe('refer-first');
    expect(screened('touch', 'numb-saddle', 'knee-injury')).toMatchObject({ level: 'refer-now', stopped: true });
  });
  it('locks what it must and nothing else, and says which caution does', () => {
    expect(testLock(screened('knee-injury'), 'prone-knee-bend')?.id).toBe('knee-injury');
    expect(testLock(screened('knee-injury'), 'straight-leg-raise')).toBeNull();
    expect(testLock(screened('hot-calf'), 'straight-leg-raise')?.id).toBe('hot-calf');
    expect(testLock(screened('sciatic'), 'straight-leg-raise')?.id).toBe('sciatic');
    expect(testLock(screened('pregnancy-late'), 'modified-thomas')?.id).toBe('pregnancy-late');
  });
  it('keeps poses away that ask for what is forbidden', () => {
    expect(poseConflicts(screened('knee-injury'), ['knee-bent-deep', 'kneeling'])).toHaveLength(1);
    expect(poseConflicts(screened('knee-injury'), ['lying-on-back'])).toHaveLength(0);
    expect(poseConflicts(screened('recent-surgery'), [])).toHaveLength(1);
  });
  it('counts a caution of a newer file as nothing rather than failing', () =>
    expect(screened('moon-sickness')).toMatchObject({ level: 'go', cautions: [] }));
});

describe('late pregnancy', () => {
  const s = screened('pregnancy-late');
  const open = LIBRARY.flatMap((shape) =>
    shape.rungs.filter((r) => poseConflicts(s, demandsOf(shape, r)).length === 0).map(() => shape),
  );
  it('leaves nothing that lies on the front or flat on the back, apart from resting with the shins up', () => {
    for (const shape of open) expect(shape.position).not.toBe('on the front');
  });
  it('still leaves something to do', () => expect(open.length).toBeGreaterThan(4));
});
