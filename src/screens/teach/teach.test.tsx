// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { TYPICAL_BUILD } from '@/core/body';
import { USUAL_WAY } from '@/core/fit/way';
import type { PracticeItem } from '@/core/practice/practice';
import { advance, startPlayer, type PlayerEvent } from '@/core/teaching/player';
import { Finished } from './Finished';
import { MainWays } from './MainWays';
import { NextUp } from './NextUp';
import { TopBar } from './TopBar';
import { useLessonLanguage } from './use-lesson-language';

afterEach(cleanup);
const item = (id: string, side: PracticeItem['side']): PracticeItem => ({
  id,
  pose: 'resting-back',
  rung: 1,
  side,
  holdSeconds: 60,
  breaths: 10,
  repeats: 1,
  phase: 'approach',
  because: [],
});
const ITEMS = [item('a', 'left'), item('b', 'right'), item('c', 'both')];
const started = startPlayer('p', 's', ITEMS, 0);

describe('ways beside the mat', () => {
  const show = (state = started, more: { quiet?: boolean; started?: boolean } = {}) => {
    const send = vi.fn<(e: PlayerEvent) => void>();
    render(<MainWays state={state} started={more.started ?? false} send={send} quiet={more.quiet} />);
    return send;
  };
  it('begins, goes on and pauses with one button', () => {
    const send = show();
    fireEvent.click(screen.getByRole('button', { name: 'Begin' }));
    expect(send).toHaveBeenLastCalledWith({ type: 'resume' });
    cleanup();
    show(started, { started: true });
    expect(screen.getByRole('button', { name: 'Go on' })).toBeTruthy();
    cleanup();
    const running = show(advance(started, { type: 'resume' }, 1000), { started: true });
    fireEvent.click(screen.getByRole('button', { name: 'Pause' }));
    expect(running).toHaveBeenLastCalledWith({ type: 'pause' });
  });
  it.each([
    ['Back', 'back'],
    ['Next', 'next'],
    ['Skip', 'skip'],
    ['Longer', 'longer'],
    ['Once more', 'again'],
  ])('%s', (name, type) => {
    const send = show();
    fireEvent.click(screen.getByRole('button', { name }));
    expect(send.mock.lastCall?.[0].type).toBe(type);
  });
  it('where both sides work at once there is no side to do once more', () => {
    show({ ...started, index: 2 });
    expect(screen.queryByRole('button', { name: 'Once more' })).toBeNull();
  });
  it.each([
    ['l', 'longer'],
    ['r', 'again'],
    ['b', 'breath'],
  ])('key %s', (key, type) => {
    const send = show();
    fireEvent.keyDown(document.body, { key });
    expect(send.mock.lastCall?.[0].type).toBe(type);
    send.mockClear();
    fireEvent.keyDown(document.body, { key, ctrlKey: true });
    expect(send).not.toHaveBeenCalled();
  });
  it('keys are quiet while a menu listens', () => {
    const send = show(started, { quiet: true });
    fireEvent.keyDown(document.body, { key: 'l' });
    expect(send).not.toHaveBeenCalled();
  });
});

describe('the bar above', () => {
  const show = (onlyCues: boolean) => {
    const set = { setBell: vi.fn(), setVoiced: vi.fn(), setOnlyCues: vi.fn(), send: vi.fn() };
    render(
      <TopBar
        state={started}
        bell
        voiced={false}
        onlyCues={onlyCues}
        more="Cues and questions"
        back="/back"
        {...set}
      />,
    );
    return set;
  };
  it('tells where it is and what is left, and switches what is heard and shown', () => {
    const { setBell, setOnlyCues, send } = show(false);
    expect(screen.getByText(/^1 of 3 · \d+:\d\d left in all$/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Bell on' }));
    expect(setBell).toHaveBeenCalledWith(false);
    fireEvent.click(screen.getByRole('button', { name: 'Cues and questions' }));
    expect(setOnlyCues).toHaveBeenCalledWith(true);
    fireEvent.click(screen.getByRole('button', { name: 'Breaths by the clock' }));
    expect(send).toHaveBeenLastCalledWith({ type: 'pacing', by: 'taps' });
    fireEvent.click(screen.getByRole('button', { name: 'End here' }));
    expect(send).toHaveBeenLastCalledWith({ type: 'finish' });
    expect(screen.getByRole('link', { name: 'Leave' }).getAttribute('href')).toBe('/back');
  });
  it('only cues is said, so that a class can be shown the screen', () => {
    show(true);
    expect(screen.getByRole('button', { name: 'Only cues' }).getAttribute('aria-pressed')).toBe('true');
  });
});

describe('the language of a lesson', () => {
  const Shown = ({ theirs }: { theirs: 'en' | 'de' }) => {
    const { lesson, other } = useLessonLanguage(theirs);
    return (
      <>
        <TopBar
          {...{ state: started, bell: false, voiced: false, onlyCues: false, more: 'More', back: '/', lesson, other }}
          {...{ setBell: vi.fn(), setVoiced: vi.fn(), setOnlyCues: vi.fn(), send: vi.fn() }}
        />
        <NextUp next={item('b', 'left')} from={undefined} body={BODY} lesson={lesson} />
      </>
    );
  };
  const BODY = { posterior: null, build: TYPICAL_BUILD, way: USUAL_WAY };
  afterEach(() => localStorage.clear());
  it('is theirs, and English where the teacher wants that, in this browser from then on', async () => {
    render(<Shown theirs="de" />);
    await waitFor(() => expect(screen.getByLabelText('Next').textContent).toMatch(/^Als Nächstes: .* links$/));
    expect(screen.getByLabelText('Next').lang).toBe('de');
    fireEvent.click(screen.getByRole('button', { name: 'Cues: Deutsch' }));
    expect(screen.getByLabelText('Next').textContent).toMatch(/^Next: .* left$/);
    cleanup();
    render(<Shown theirs="de" />);
    fireEvent.click(screen.getByRole('button', { name: 'Cues: English' }));
    await waitFor(() => expect(screen.getByLabelText('Next').textContent).toMatch(/^Als Nächstes/));
  });
  it('is not asked about where it is English', () => {
    render(<Shown theirs="en" />);
    expect(screen.queryByRole('button', { name: /^Cues/ })).toBeNull();
  });
});

describe('the end', () => {
  it('counts what was taught, keeps it once, and leads back', () => {
    const done = advance(advance(started, { type: 'skip' }, 0), { type: 'finish' }, 1000);
    const keep = vi.fn(),
      send = vi.fn();
    const { rerender } = render(<Finished state={done} keep={keep} label="Keep in the log" send={send} />);
    const taught = done.results.filter((r) => !r.skipped).length;
    expect(screen.getByText(new RegExp(`^${taught} of 3 items taught`))).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Keep in the log' }));
    expect(keep).toHaveBeenCalledTimes(1);
    fireEvent.click(screen.getByRole('button', { name: 'Back to the last item' }));
    expect(send).toHaveBeenCalledWith({ type: 'back' });
    rerender(<Finished state={done} keep={keep} label="Writing it down …" busy send={send} />);
    expect((screen.getByRole('button', { name: 'Writing it down …' }) as HTMLButtonElement).disabled).toBe(true);
  });
});
