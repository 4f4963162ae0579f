// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { SnackbarProvider } from 'notistack';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { publishedStudio } from '@demo/published.fixtures';
import { screen as screened } from '@/core/cautions/screen';
import { testById } from '@/core/assessment/battery';
import type { Reading } from '@/core/assessment/reading';
import { changeSession } from '@/store/changes';
import { studioDatabase } from '@/store/studio';
import { writeUnsaved } from '@/store/write-unsaved';
import { hold, letGo, unsaved, type HeldRow } from '@/store/unsaved';
import { StudioProvider } from '../shell/studio-context';
import { UnsavedNote } from '../shell/UnsavedNote';
import { batteriesFor, queueFor, swappedPair, testsIn } from './course';
import { ReadingPanel } from './ReadingPanel';
import { readingFromDraft, type DraftOf } from './reading-from-draft';
import { EMPTY_DRAFT, type DraftValues } from './use-draft';

const demo = publishedStudio();
const [maren] = demo.students;
const own = demo.readings.filter((r) => r.student === maren.id);
const of = (id: string, readout: string): DraftOf => {
  const test = testById(id);
  const r = test?.readouts.find((x) => x.id === readout);
  if (!test || !r) throw new Error('unknown');
  return {
    student: maren.id,
    mass_kg: 70,
    test,
    readout: r,
    side: 'left',
    warm: false,
    gravity_Nm: 40,
    known: { sex: 'female' },
  };
};
const made = (draft: Partial<DraftValues>, what = of('straight-leg-raise', 'hip-flexion'), pain = false) =>
  readingFromDraft({ ...EMPTY_DRAFT, ...draft }, what, { pain, id: 'r', takenAt: '2026-05-01T10:00:00.000Z' });

describe('from what is typed to a reading', () => {
  it('keeps trials with everything that was said of them', () => {
    const result = made({
      trials: ['70', '72'],
      typed: '71',
      placeFelt: 'back-thigh',
      endFeel: 'stretch-firm',
      seen: ['knee bending'],
      active: false,
      tilt: '-4',
      distant: 'same',
      after: '78,5',
      instrument: 'inclinometer',
      likelyError: 0.8,
    });
    expect(result.ok && result.reading).toMatchObject({
      distant: 'same',
      afterBreath: 78.5,
      trials: [70, 72, 71],
      compensations: ['knee bending'],
      active: false,
      pelvicTilt_deg: -4,
      instrument: 'inclinometer',
      likelyError: 0.8,
    });
    expect(result.ok && result.question).toBeNull();
  });
  it('says what is wrong and what is missing', () => {
    expect(made({ typed: 'lots' })).toMatchObject({
      ok: false,
      problem: expect.stringContaining('Type a number') as string,
    });
    expect(made({ typed: '190' })).toMatchObject({
      ok: false,
      problem: expect.stringContaining('10° to 150°') as string,
    });
    expect(made({})).toMatchObject({ ok: false, problem: expect.stringContaining('for example 76') as string });
    expect(made({ typed: '70', after: 'further' })).toMatchObject({
      ok: false,
      problem: expect.stringContaining('After breathing') as string,
    });
    expect(made({ typed: '70', tilt: '99' })).toMatchObject({
      ok: false,
      problem: expect.stringContaining('second inclinometer') as string,
    });
    expect(made({}, undefined, true)).toMatchObject({
      ok: false,
      problem: expect.stringContaining('began to hurt') as string,
    });
  });
  it('asks about what is unlikely, but never after pain', () => {
    const odd = made({ typed: '20' });
    expect(odd.ok && odd.question).toContain('Keep it all the same?');
    const hurt = made({ typed: '20' }, undefined, true);
    expect(hurt.ok && hurt.question).toBeNull();
    expect(hurt.ok && hurt.reading).toMatchObject({ pain: true, endFeel: 'pain' });
  });
  it('takes inches, a comma and a grade', () => {
    expect(made({ typed: '4 in' }, of('knee-to-wall', 'toe-distance'))).toMatchObject({
      ok: true,
      reading: { trials: [10.2], unit: 'cm' },
    });
    expect(made({ typed: '2' }, of('deep-squat', 'grade'))).toMatchObject({ ok: true, reading: { trials: [2] } });
    expect(made({ typed: '2,5' }, of('deep-squat', 'grade'))).toMatchObject({ ok: false });
  });
  it('turns newtons into torque with lever arm and gravity, and keeps what it rests on', () => {
    const push = of('side-lying-abduction', 'torque');
    const result = made({ typed: '90', lever: '80' }, push);
    // 90 N × 0.8 m = 72 N·m, + 40 N·m of limb = 112; on 70 kg 1.6.
    expect(result.ok && result.reading.trials).toEqual([1.6]);
    expect(result.ok && result.reading.push).toEqual({
      newtons: [90],
      lever_cm: 80,
      gravity_Nm: 40,
      mass_kg: 70,
      manner: 'make',
    });
    const without = made({ typed: '90', lever: '80', gravity: false, manner: 'break' }, push);
    expect(without.ok && without.reading.trials).toEqual([1.03]);
    expect(made({ typed: '90' }, push)).toMatchObject({
      ok: false,
      problem: expect.stringContaining('lever arm') as string,
    });
    expect(made({ typed: '1500', lever: '80' }, push)).toMatchObject({
      ok: false,
      problem: expect.stringContaining('more than any hip') as string,
    });
  });
});

describe('the course of tests', () => {
  const open = screened([], '2026-01-05');
  const base = { readings: own, since: '', screening: open, skipped: [], sideOrder: 'right' as const, gains: [] };
  it('offers what she speaks of and what is aimed at beside the named batteries', () => {
    const list = batteriesFor(maren, [{ kind: 'lengthen', group: 'hamstrings', side: 'left', weight: 1 }], ['faber']);
    expect(list.map((b) => b.id)).toEqual(['quick', 'full-length', 'full-strength', 'complaints', 'aims', 'own']);
    expect(batteriesFor({ complaints: [] }, null, []).map((b) => b.id)).toEqual([
      'quick',
      'full-length',
      'full-strength',
    ]);
  });
  it('counts all there is, or only what was read since the measuring began anew', () => {
    const tests = batteriesFor(maren, null, [])[0].tests;
    const all = queueFor({ ...base, tests });
    expect(all.stations.every(all.isRead)).toBe(true);
    const fresh = queueFor({ ...base, tests, since: '2027-01-01T00:00:00.000Z' });
    expect(fresh.stations.some(fresh.isRead)).toBe(false);
  });
  it('asks of the side that a caution of the other leg leaves open, and says which is locked', () => {
    const tests = batteriesFor(maren, null, [])[1].tests;
    const sore = screened([{ caution: 'knee-injury', side: 'right' }], '2026-01-05');
    const { entries, stations } = queueFor({ ...base, tests, screening: sore });
    const of = (id: string) => entries.find((e) => e.test.id === id);
    expect(of('prone-knee-bend')).toMatchObject({ lock: null, shutSides: [{ side: 'right' }] });
    expect(stations.filter((p) => p.test === 'prone-knee-bend').map((p) => p.side)).toEqual(['left']);
    expect(of('kneeling-sit')?.lock).not.toBeNull();
    expect(of('straight-leg-raise')?.shutSides).toEqual([]);
  });
  it('ranks what would tell most first within a position, and leaves what has begun where it is', () => {
    const [, full] = batteriesFor(maren, null, []);
    const gains = [{ test: 'faber', side: 'left' as const, gain: 3, why: 'unread' as const }];
    const order = queueFor({ ...base, tests: full.tests, gains, readings: [] }).entries;
    const back = order.filter((e) => e.test.position === 'on the back').map((e) => e.test.id);
    expect(back[0]).toBe('faber');
    const begun = queueFor({ ...base, tests: full.tests, gains }).entries;
    expect(begun.filter((e) => e.test.position === 'on the back')[0].read).toBeGreaterThan(0);
  });
  it('opens only the way that a caution leaves', () => {
    const tests = batteriesFor(maren, null, [])[0].tests;
    const late = queueFor({
      ...base,
      tests,
      readings: [],
      screening: screened([{ caution: 'pregnancy-late' }], '2026-01-05'),
    });
    expect(late.stations.filter((p) => p.test === 'modified-thomas')).toEqual([
      { test: 'modified-thomas', readout: 'hip-extension', side: 'right', variant: 'side-lying' },
      { test: 'modified-thomas', readout: 'hip-extension', side: 'left', variant: 'side-lying' },
    ]);
    expect(late.stations.some((p) => p.test === 'straight-leg-raise')).toBe(false);
  });
  it('keeps what was read beyond a battery in the list', () => {
    const quick = batteriesFor(maren, null, [])[0];
    const extra: Reading = {
      ...own[0],
      id: 'x',
      test: 'faber',
      readout: 'knee-height',
      takenAt: '2027-01-02T10:00:00.000Z',
    };
    expect(testsIn(quick, [extra], '2027-01-01T00:00:00.000Z', undefined).map((t) => t.id)).toContain('faber');
    expect(testsIn(quick, [extra], '', undefined)).toHaveLength(quick.tests.length);
  });
  it('notices a pair that contradicts every earlier day', () => {
    const slr = testById('straight-leg-raise')?.readouts[0];
    if (!slr) throw new Error('unknown');
    const at = (side: 'left' | 'right', value: number, day: string): Reading => ({
      ...own[0],
      id: side + day,
      test: 'straight-leg-raise',
      readout: 'hip-flexion',
      side,
      trials: [value],
      takenAt: `${day}T10:00:00.000Z`,
      variant: undefined,
      pain: undefined,
    });
    const before = [at('left', 50, '2026-05-01'), at('right', 75, '2026-05-01')];
    const right = at('right', 52, '2026-06-01'),
      left = at('left', 74, '2026-06-01');
    expect(swappedPair([...before, right], left, slr)?.map((r) => r.side)).toEqual(['right', 'left']);
    expect(swappedPair([...before, { ...right, trials: [80] }], { ...left, trials: [55] }, slr)).toBeNull();
    expect(swappedPair(before, left, slr)).toBeNull();
  });
});

const inStudio = (children: ReactNode) =>
  render(
    <SnackbarProvider>
      <StudioProvider name="studio">{children}</StudioProvider>
    </SnackbarProvider>,
  );
const db = studioDatabase('studio');
beforeEach(async () => {
  await db.drafts.clear();
  await db.readings.clear();
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  letGo(() => true);
});

describe('the panel', () => {
  const panel = (id: string, readout: string, onKept = vi.fn<(r: Reading) => void>()) => {
    const what = of(id, readout);
    inStudio(
      <ReadingPanel
        student={maren}
        test={what.test}
        readout={what.readout}
        side={what.test.sided ? 'left' : 'both'}
        readings={[]}
        onChoose={() => undefined}
        onKept={onKept}
        onSkip={() => undefined}
        onPain={() => undefined}
      />,
    );
    return onKept;
  };
  it('is worked from a number pad alone', async () => {
    const onKept = panel('straight-leg-raise', 'hip-flexion');
    const field = await screen.findByLabelText<HTMLInputElement>('Leg above the floor, degrees');
    fireEvent.change(field, { target: { value: '64' } });
    fireEvent.keyDown(field, { key: '+' });
    expect(field.value).toBe('65');
    fireEvent.keyDown(field, { key: '-' });
    fireEvent.keyDown(field, { key: '-' });
    expect(field.value).toBe('63');
    fireEvent.keyDown(field, { key: '*' });
    fireEvent.keyDown(field, { key: '/' });
    expect(screen.getByRole('button', { name: 'firm stretch' }).getAttribute('aria-pressed')).toBe('true');
    fireEvent.submit(field);
    await waitFor(() => expect(field.value).toBe(''));
    fireEvent.keyDown(field, { key: 'Enter' });
    await waitFor(() => expect(onKept).toHaveBeenCalled());
    expect(onKept.mock.calls[0][0]).toMatchObject({ trials: [63], endFeel: 'stretch-firm' });
    expect(onKept.mock.calls[0][0].placeFelt).toBeTruthy();
  });
  it('asks once about an unlikely value and keeps it when pressed again', async () => {
    const onKept = panel('straight-leg-raise', 'hip-flexion');
    fireEvent.change(await screen.findByLabelText('Leg above the floor, degrees'), { target: { value: '20' } });
    fireEvent.click(screen.getByRole('button', { name: 'Keep and go on' }));
    expect((await screen.findByRole('alert')).textContent).toContain('Keep it all the same?');
    expect(onKept).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    await waitFor(() => expect(onKept).toHaveBeenCalled());
  });
  it('grades by chips, and both sides at once have no side', async () => {
    const onKept = panel('deep-squat', 'grade');
    fireEvent.click(await screen.findByRole('button', { name: /^2 low with a wedge/ }));
    fireEvent.click(screen.getByRole('button', { name: 'Keep and go on' }));
    await waitFor(() => expect(onKept).toHaveBeenCalled());
    expect(onKept.mock.calls[0][0]).toMatchObject({ side: 'both', unit: 'grade', trials: [2] });
    expect(screen.queryByLabelText('Side')).toBeNull();
  });
  it('shows the arithmetic of a push', async () => {
    panel('side-lying-abduction', 'torque');
    fireEvent.change(await screen.findByLabelText('Push of the leg upwards, newtons'), { target: { value: '90' } });
    fireEvent.change(screen.getByLabelText('Lever arm, cm'), { target: { value: '80' } });
    await waitFor(() =>
      expect(screen.getByRole('group', { name: 'From push to torque' }).textContent).toMatch(
        /90 N × 0\.80 m = 72\.0 N·m \+ limb \d+\.\d N·m/,
      ),
    );
  });
  it('takes the place felt from a ring on the figure', async () => {
    panel('straight-leg-raise', 'hip-flexion');
    fireEvent.click(await screen.findByRole('button', { name: 'felt: back of the thigh' }));
    await waitFor(() =>
      expect(screen.getByRole('button', { name: 'back of the thigh' }).getAttribute('aria-pressed')).toBe('true'),
    );
  });
});

describe('when the browser has no room', () => {
  const heldReading: HeldRow = { database: db.name, table: 'readings', key: JSON.stringify(own[0].id), row: own[0] };
  it('keeps the reading in memory, says so loudly, and writes it when there is room again', async () => {
    const quota = Object.assign(new Error('full'), { name: 'QuotaExceededError' });
    hold([heldReading], quota);
    inStudio(<UnsavedNote />);
    expect(screen.getByRole('alert').textContent).toContain('no room left');
    expect(screen.getByRole('button', { name: 'Save everything as a file' })).toBeTruthy();
    expect(await db.readings.count()).toBe(0);
    fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
    await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
    expect(await db.readings.get(own[0].id)).toEqual(own[0]);
  });
  it('loses nothing when writing fails again', async () => {
    hold([heldReading], new Error('private'));
    vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('still private', 'UnknownError');
    });
    expect(await writeUnsaved(db)).toBe(false);
    expect(unsaved().rows).toHaveLength(1);
    expect(unsaved().reason).toContain('did not let');
  });
});

it('the measuring of a student is written down and begins with its first change', async () => {
  await changeSession(db, 'nobody-yet', { battery: 'full-length' });
  await changeSession(db, 'nobody-yet', {
    skipped: [{ test: 'faber', reason: 'no time today' }],
    parkedAt: '2026-05-01T10:00:00.000Z',
  });
  expect(await db.sessions.get('nobody-yet')).toMatchObject({
    battery: 'full-length',
    skipped: [{ test: 'faber' }],
    parkedAt: '2026-05-01T10:00:00.000Z',
  });
  await changeSession(db, 'nobody-yet', {});
  expect((await db.sessions.get('nobody-yet'))?.parkedAt).toBeUndefined();
});
