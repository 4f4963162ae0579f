// @vitest-environment happy-dom
import { cleanup, fireEvent, render, renderHook, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { HALF, HALF_NAMES, muscleEntry, MUSCLES } from '@/core/body';
import { readState, type AtlasState } from './atlas-state';
import { JointSliders } from './JointSliders';
import { MuscleFacts, MuscleHere } from './MuscleFacts';
import { MuscleList } from './MuscleList';
import { useComputed } from './use-computed';

const state = (query: string): AtlasState => readState(new URLSearchParams(query));
const computed = (s: AtlasState) => renderHook(() => useComputed(s)).result.current;
afterEach(cleanup);

describe('the list of muscles', () => {
  it('is narrowed by a plain word, and Enter takes the first', () => {
    const pick = vi.fn();
    render(<MuscleList muscle="psoas" folded={false} onPick={pick} />);
    expect(screen.getAllByRole('button')).toHaveLength(MUSCLES.length);
    const field = screen.getByLabelText('Find a muscle');
    fireEvent.change(field, { target: { value: 'Calf' } });
    expect(screen.getAllByRole('button').length).toBeLessThan(4);
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(pick).toHaveBeenCalledWith('gastrocnemius');
    fireEvent.change(field, { target: { value: 'elbow' } });
    expect(screen.queryAllByRole('button')).toHaveLength(0);
    expect(screen.getByText(/Try a plain word/)).toBeTruthy();
  });
  it('says which one is chosen', () => {
    render(<MuscleList muscle="soleus" folded={false} onPick={vi.fn()} />);
    expect(screen.getByRole('button', { name: 'soleus' }).getAttribute('aria-pressed')).toBe('true');
  });
});

describe('joint angles', () => {
  const show = (query: string) => {
    const s = state(query);
    const c = computed(s);
    const set = vi.fn();
    render(<JointSliders state={s} crossed={c.crossed} reversals={c.curve.reversals} set={set} />);
    return set;
  };
  it('offers the joints that the muscle crosses, and every joint when asked', () => {
    show('muscle=soleus');
    expect(screen.getByRole('slider', { name: 'ankle dorsiflexion' })).toBeTruthy();
    expect(screen.queryByRole('slider', { name: 'hip rotation' })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Every joint of this side' }));
    expect(screen.getAllByRole('slider')).toHaveLength(HALF_NAMES.length);
  });
  it('takes a typed number, with a comma too, and refuses nonsense where it stands', () => {
    const set = show('muscle=piriformis&at=hip_flexion:20');
    const field = screen.getByLabelText('hip flexion, degrees');
    fireEvent.change(field, { target: { value: '62,5' } });
    expect(set).toHaveBeenLastCalledWith({ angles: { hip_flexion: 62.5 } });
    set.mockClear();
    for (const nonsense of ['900', 'much', '--3']) {
      fireEvent.change(field, { target: { value: nonsense } });
      expect(set).not.toHaveBeenCalled();
      expect(screen.getByRole('alert').textContent).toContain('It stays at 20° flexion.');
    }
    fireEvent.blur(field);
    expect(screen.queryByRole('alert')).toBeNull();
  });
  it('sets a whole posture at once', () => {
    const set = show('muscle=piriformis');
    fireEvent.click(screen.getByRole('button', { name: 'Sitting' }));
    expect(set).toHaveBeenLastCalledWith({ angles: { hip_flexion: 90, knee_flexion: 90 } });
  });
  it('says an angle in words to those who do not see it', () => {
    show('muscle=piriformis&at=hip_rotation:-30');
    expect(screen.getByRole('slider', { name: 'hip rotation' }).getAttribute('aria-valuetext')).toBe('30° outward');
  });
});

describe('what is told of a muscle', () => {
  const tell = (query: string) => {
    const s = state(query);
    const c = computed(s);
    const set = vi.fn();
    const entry = muscleEntry(s.muscle);
    if (!entry) throw new Error('no muscle');
    render(
      <>
        <MuscleHere entry={entry} state={s} computed={c} set={set} />
        <MuscleFacts entry={entry} computed={c} set={set} />
      </>,
    );
    return set;
  };
  it('changes with the posture', () => {
    tell('muscle=piriformis');
    expect(screen.getByText(/^Here it turns the thigh outward/)).toBeTruthy();
    cleanup();
    tell('muscle=piriformis&at=hip_flexion:95');
    expect(screen.getByText(/^Here it .*turns the thigh inward/)).toBeTruthy();
  });
  it('leads on to helpers and opposers', () => {
    const set = tell('muscle=hamstrings');
    fireEvent.click(screen.getByRole('button', { name: 'gluteus maximus' }));
    expect(set).toHaveBeenLastCalledWith({ muscle: 'gluteus-maximus' });
  });
  it('says how near typical people are to their end, and when a muscle is slack', () => {
    tell('muscle=hamstrings&at=hip_flexion:70');
    expect(screen.getByText(/Of 100 typical people 9\d would have stopped/)).toBeTruthy();
    cleanup();
    tell('muscle=tensor-fasciae-latae&at=hip_flexion:110');
    expect(screen.getByText(/It is slack here/)).toBeTruthy();
    cleanup();
    tell('muscle=sartorius');
    expect(screen.getByText(/No test tells where it ends/)).toBeTruthy();
  });
  it('opens every number to its source', () => {
    tell('muscle=psoas');
    const sources = screen.getByText('Where these numbers come from').closest('details');
    if (!sources) throw new Error('no sources');
    expect(within(sources).getAllByText(/Confidence: (low|medium|high)/).length).toBe(2);
    expect(sources.textContent).toContain('diagnoses nothing');
  });
  it('stands two side by side', () => {
    const s = state('muscle=gracilis&beside=adductor-magnus&at=hip_flexion:80');
    const c = computed(s);
    expect(c.besideActions?.some((a) => a.words === 'extends the hip')).toBe(true);
    expect(c.besideCurve?.over).toBe(HALF.hipFlexion);
    tell('muscle=gracilis&beside=adductor-magnus&at=hip_flexion:80');
    expect(screen.getByText('adductor magnus', { selector: 'p span' })).toBeTruthy();
  });
});
