// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { publishedStudio } from '@demo/published.fixtures';
import type { LogEntry, LogItem } from '@/core/teaching/log';
import type { TimelineDay } from '@/core/progress/timeline';
import { shapeById } from '@/core/poses';
import type { LadderStep } from '@/core/practice/peak-ladder';
import { studioDatabase } from '@/store/studio';
import { inStudio, pick } from '../shell/test-studio';
import { DayByDay } from './DayByDay';
import { itemWords } from './log-words';
import { LogItemDialog } from './LogItemDialog';
import { OneLog } from './OneLog';
import { PeakLadder } from './PeakLadder';
import { ProgressStrip } from './ProgressStrip';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: vi.fn() }) }));
afterEach(cleanup);
const item: LogItem = {
  pose: 'resting-back',
  rung: 1,
  side: 'left',
  plannedSeconds: 90,
  doneSeconds: 60.4,
  skipped: false,
};

describe('what was done in a pose', () => {
  it('is told with time, place felt, strength and stops', () => {
    expect(itemWords(item)).toMatch(/◁ left: 1:00 of 1:30$/);
    expect(itemWords({ ...item, placeFelt: 'outer-hip', strength: 4 })).toMatch(/ · felt outer hip, 4 of 10$/);
    expect(itemWords({ ...item, skipped: true })).toMatch(/: skipped$/);
    expect(itemWords({ ...item, stopped: true })).toContain('▲ stopped');
    expect(itemWords({ ...item, pose: 'gone', rung: 3, side: 'both' })).toMatch(/^gone, rung 3: /);
  });
});

describe('an item put right', () => {
  const show = () => {
    const onKeep = vi.fn<(i: LogItem) => void>();
    const onClose = vi.fn();
    render(<LogItemDialog item={item} onClose={onClose} onKeep={onKeep} />);
    return { onKeep, onClose, keep: () => fireEvent.click(screen.getByRole('button', { name: 'Keep' })) };
  };
  it('keeps parts of a second that were not typed anew', () => {
    const { onKeep, keep } = show();
    keep();
    expect(onKeep).toHaveBeenCalledWith(item);
  });
  it('takes seconds, place, strength, skipped and stopped', () => {
    const { onKeep, keep } = show();
    fireEvent.change(screen.getByLabelText('Seconds done'), { target: { value: '45' } });
    pick(screen.getByRole('combobox', { name: 'Felt where' }), 'outer hip');
    pick(screen.getByRole('combobox', { name: 'How strong, of 10' }), '6');
    fireEvent.click(screen.getByLabelText('Skipped'));
    fireEvent.click(screen.getByLabelText('Stopped for pain'));
    keep();
    expect(onKeep).toHaveBeenCalledWith({
      ...item,
      doneSeconds: 45,
      placeFelt: 'outer-hip',
      strength: 6,
      skipped: true,
      stopped: true,
    });
  });
  it.each(['', 'a while', '-3', '1.5', '999999'])('“%s” is no time: it is answered and nothing is kept', (text) => {
    const { onKeep, keep } = show();
    fireEvent.change(screen.getByLabelText('Seconds done'), { target: { value: text } });
    keep();
    expect(screen.getByText('Type whole seconds, for example 90.')).toBeTruthy();
    expect(onKeep).not.toHaveBeenCalled();
  });
  it('is left as it is on request', () => {
    const { onKeep, onClose } = show();
    fireEvent.click(screen.getByRole('button', { name: 'Leave it' }));
    expect(onClose).toHaveBeenCalled();
    expect(onKeep).not.toHaveBeenCalled();
  });
});

describe('a taught practice', () => {
  const log: LogEntry = {
    id: 'l',
    student: 's',
    practice: 'p',
    title: 'Slip',
    startedAt: '2026-10-05T10:00:00.000Z',
    endedAt: '2026-10-05T10:20:00.000Z',
    items: [item],
    note: 'Calm and long.',
    history: [
      { note: 'Calm.', items: [{ ...item, strength: 9 }], changedAt: '2026-10-06T10:00:00.000Z' },
      { note: 'Calm.', changedAt: '2026-10-07T10:00:00.000Z' },
    ],
  };
  it('tells what stood there before, words and items, each where it changed', () => {
    inStudio(<OneLog log={log} name="Sedge" />);
    const before = screen.getByText('As it stood before').closest('details');
    expect(before?.textContent).toMatch(/9 of 10/);
    expect(before?.textContent).toMatch(/until 7 Oct 2026, \d\d:\d\d: Calm\.$/);
    expect(before?.querySelectorAll('p')).toHaveLength(2);
  });
  it('words that are typed are kept when they are left, with undo', async () => {
    const db = studioDatabase('demo');
    await db.logs.put(log);
    inStudio(<OneLog log={log} name="Sedge" />);
    const words = screen.getByLabelText('Your words');
    fireEvent.change(words, { target: { value: 'Shorter next time.' } });
    fireEvent.blur(words);
    await waitFor(async () => expect((await db.logs.get('l'))?.note).toBe('Shorter next time.'));
    fireEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(async () => expect((await db.logs.get('l'))?.note).toBe('Calm and long.'));
  });
});

describe('day by day', () => {
  const days = (n: number): TimelineDay[] =>
    Array.from({ length: n }, (_, k) => ({
      day: `2026-10-${String(28 - k).padStart(2, '0')}`,
      lines: [
        { kind: 'tested', text: `${k + 1} readings.` },
        ...(k === 0 ? [{ kind: 'read' as const, text: 'Left, short: straight leg raise.' }] : []),
      ],
    }));
  it('shows the last six days, all on request; says what “found” is', () => {
    render(<DayByDay days={days(9)} />);
    expect(screen.getAllByRole('term')).toHaveLength(6);
    expect(screen.getByText(/^What was found is worked out by/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Show 3 more of 9' }));
    expect(screen.getAllByRole('term')).toHaveLength(9);
    fireEvent.click(screen.getByRole('button', { name: 'Show the last days only' }));
    expect(screen.getAllByRole('term')).toHaveLength(6);
  });
  it('has no button where there is no more, and no word of findings without them', () => {
    render(<DayByDay days={days(3).slice(1)} />);
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.queryByText(/^Found/)).toBeNull();
  });
});

describe('a strip', () => {
  it('says in words what it shows', () => {
    render(
      <ProgressStrip
        change={{
          kind: 'k',
          title: 'Left: straight leg raise',
          what: 'Leg above the floor',
          verdict: 'changed',
          then: '39°',
          now: '53°',
          words: '',
          strip: { then: 0.2, now: 0.6, error: [0.1, 0.3], typical: null },
        }}
      />,
    );
    expect(screen.getByRole('img', { name: '39° then, 53° now: changed' })).toBeTruthy();
  });
});

describe('the ladder to a peak', async () => {
  const [maren] = publishedStudio().students;
  const shape = shapeById('half-split');
  if (!shape) throw new Error('no half split');
  const step = (rung: number, state: LadderStep['state'], more: Partial<LadderStep> = {}): LadderStep => ({
    rung,
    state,
    depth: 0.42,
    missing: [],
    ...more,
  });
  const choice = { student: maren.id, start: '2026-11-02', weeks: 8, days: [1, 4], minutes: 20, marks: {}, moved: {} };
  const show = (...steps: LadderStep[]) =>
    inStudio(<PeakLadder student={maren} shape={shape} steps={steps} choice={choice} />);
  it('tells where she is, in which weeks, and what is missing; beyond what is known no number', () => {
    show(
      step(1, 'through'),
      step(2, 'open', { missing: [{ group: 'hamstrings', side: 'left', sd: 1.24, trained: true }] }),
      step(3, 'ahead', { missing: [{ group: 'nerve-like', side: 'right', sd: 4.4, trained: false }] }),
    );
    const [first, second, third] = screen.getAllByRole('listitem');
    expect(first.textContent).toContain('All of it is within reach.');
    expect(second.getAttribute('aria-current')).toBe('step');
    expect(second.textContent).toContain('week 1 to 5, from 2 Nov');
    expect(second.textContent).toContain('Today 42 of 100 of its way. Missing to all of it: hamstrings ◁ left 1.2.');
    expect(third.textContent).toContain('week 6 to 8, from 7 Dec, if the tests allow it');
    expect(third.textContent).toContain('over 3 (not a muscle)');
    expect(screen.queryByText(/That is a long way off/)).toBeNull();
  });
  it('says when it is far, and when all of it is there already', () => {
    show(step(1, 'ahead', { missing: [{ group: 'hamstrings', side: 'left', sd: 5, trained: true }] }));
    expect(screen.getByText(/That is a long way off/)).toBeTruthy();
    cleanup();
    show(step(1, 'through'), step(2, 'through'));
    expect(screen.getByText(/All of it is within reach already/)).toBeTruthy();
    expect(screen.queryByText(/· week/)).toBeNull();
  });
});
