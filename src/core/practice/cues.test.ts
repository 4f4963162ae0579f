import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rungOf } from '@/core/poses';
import { SCHOOLS } from '@/core/poses/schools';
import { callBack } from './call-back';
import { VOICE } from './voice';
import { cueKey, cuesFor, draftCues, jointActions, recalled, remembered, type CueRole } from './cues';
import type { PracticeItem } from './practice';
import { build, POSES } from './practices.fixtures';

const item = (pose: string, rung: number, side: PracticeItem['side'] = 'right') => ({ pose, rung, side });
const fitOf = (i: Pick<PracticeItem, 'pose' | 'rung' | 'side'>) =>
  POSES.find((r) => r.pose === i.pose && r.rung === i.rung && r.side === i.side);
const roles = (cues: readonly { role: CueRole }[]) => cues.map((c) => c.role);

describe('a draft of cues', () => {
  const lunge = item('low-lunge', 2);
  it('goes in, says what to keep, how to deepen and how to leave, in the order of teaching', () => {
    const order: CueRole[] = [
      'like',
      'enter',
      'action',
      'keep',
      'press',
      'school',
      'feel',
      'breath',
      'deepen',
      'leave',
    ];
    for (const r of POSES.filter((_, k) => k % 7 === 0)) {
      const said = roles(draftCues(r, { voice: { manner: 'plain', anatomy: true, breath: true }, fit: r }));
      expect(said).toEqual([...said].sort((a, b) => order.indexOf(a) - order.indexOf(b)));
      expect(said).toContain('enter');
      expect(said).toContain('leave');
    }
  });
  it('names muscles only with anatomy, and the right ones of the right side', () => {
    const plain = draftCues(lunge, { voice: VOICE, fit: fitOf(lunge) });
    expect(roles(plain)).not.toContain('feel');
    const told = draftCues(lunge, { voice: { ...VOICE, anatomy: true }, fit: fitOf(lunge) });
    expect(told.find((c) => c.role === 'feel')?.words).toMatch(/lengthens the right (psoas|rectus)/);
    const left = draftCues(
      { ...lunge, side: 'left' },
      { voice: { ...VOICE, anatomy: true }, fit: fitOf({ ...lunge, side: 'left' }) },
    );
    expect(left.find((c) => c.role === 'feel')?.words).toMatch(/lengthens the left/);
  });
  it('speaks of the breath only where that is wanted, by what the rung is for', () => {
    expect(roles(draftCues(lunge, { voice: { ...VOICE, breath: false } }))).not.toContain('breath');
    const breath = (i: Parameters<typeof draftCues>[0]) =>
      draftCues(i, { voice: VOICE }).find((c) => c.role === 'breath')?.words;
    expect(breath(lunge)).toMatch(/soften/);
    expect(breath(item('bridge', 1, 'both'))).toMatch(/never hold/);
    expect(breath(item('resting-back', 1, 'both'))).toMatch(/by itself/);
  });
  it('invites where asked, but keeps what protects plain', () => {
    const asked = draftCues(lunge, { voice: { ...VOICE, manner: 'invitation' } });
    const plain = draftCues(lunge, { voice: VOICE });
    expect(asked.find((c) => c.role === 'enter')?.words).toMatch(/^When you are ready, [a-z]/);
    for (const role of ['keep', 'breath'] as const)
      expect(asked.find((c) => c.role === role)).toEqual(plain.find((c) => c.role === role));
  });
  it('says active lines only where the school works in a hold', () => {
    const said = (hold: 'passive' | 'active') =>
      roles(draftCues(lunge, { voice: VOICE, schools: { ...SCHOOLS, hold } }));
    expect(said('active')).toContain('press');
    expect(said('passive')).not.toContain('press');
  });
  it('takes joint actions from the path: what they say is what the angles do, mirrored by side', () => {
    for (const r of POSES.filter((p) => p.side !== 'both' && p.rung === 1).slice(0, 60)) {
      const rung = rungOf(r.pose, r.rung)?.rung;
      if (!rung) throw new Error(r.pose);
      const right = jointActions(rung, 'right', 1),
        left = jointActions(rung, 'left', 1);
      const flip = { left: 'right', right: 'left', both: 'both' } as const;
      expect(left.map((a) => ({ ...a, side: flip[a.side], degrees: a.degrees.toFixed(6) }))).toEqual(
        right.map((a) => ({ ...a, degrees: a.degrees.toFixed(6) })),
      );
      for (const a of right) expect(Math.abs(a.degrees)).toBeGreaterThanOrEqual(18);
    }
  });
});

describe('calling back', () => {
  it('names the milder rung of the shape, but not the other side of the same', () => {
    expect(callBack(item('low-lunge', 2), [{ ...item('low-lunge', 1), id: 'a' } as PracticeItem])).toMatch(
      /low lunge.*one step further/,
    );
    expect(callBack(item('low-lunge', 2, 'left'), [{ ...item('low-lunge', 2), id: 'a' } as PracticeItem])).toBeNull();
    expect(callBack(item('low-lunge', 2), [])).toBeNull();
  });
  it('names what only came before, in built practices', async () => {
    const { items } = await build(60);
    let named = 0;
    items.forEach((i, k) => {
      const words = callBack(i, items.slice(0, k));
      if (!words) return;
      named += 1;
      const names = items.slice(0, k).flatMap((b) => rungOf(b.pose, b.rung)?.shape.name.toLowerCase() ?? []);
      expect(names.some((n) => words.includes(n))).toBe(true);
    });
    expect(named).toBeGreaterThan(0);
  });
});

describe('her own words', () => {
  it('come before those of last time, and these before the draft', () => {
    const i = { ...item('pigeon', 1), cues: ['Now.'] };
    const book = { [cueKey(i)]: ['Front of the {worked} shin down.'] };
    expect(cuesFor(i, { voice: VOICE }, book)).toMatchObject({ lines: ['Now.'], from: 'item' });
    expect(cuesFor(item('pigeon', 1, 'left'), { voice: VOICE }, book)).toMatchObject({
      lines: ['Front of the left shin down.'],
      from: 'book',
    });
    expect(cuesFor(item('pigeon', 2), { voice: VOICE }, book).from).toBe('draft');
    // Words that were cleared stay cleared.
    expect(cuesFor({ ...i, cues: [] }, { voice: VOICE }, book)).toMatchObject({ lines: [], from: 'item' });
  });
  it('come back as they were written, whatever was written', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.oneof(fc.string(), fc.constantFrom('right foot', 'the left hip, the right knee', 'upright', 'leftover')),
        ),
        fc.constantFrom('left' as const, 'right' as const, 'both' as const),
        (lines, side) => {
          fc.pre(lines.every((l) => !/[{}]/.test(l)));
          expect(recalled(remembered(lines, side), side)).toEqual(lines);
        },
      ),
    );
  });
});
