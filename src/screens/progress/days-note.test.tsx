// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { DayChange } from '@/core/progress/adapt-days';
import { planSchema } from '@/core/progress/plan';
import { DaysNote } from './DaysNote';

afterEach(cleanup);

const choice = planSchema.parse({ student: 's', start: '2026-11-02', weeks: 4, days: [1, 3], minutes: 20 });
const after = (...changes: DayChange[]) => {
  const onPut = vi.fn();
  render(<DaysNote adapted={{ choice, changes }} onPut={onPut} />);
  return onPut;
};
const BELOW = /mark it done in its week below/;

describe('what the weeks could follow', () => {
  it('says nothing where every day was kept', () => {
    after();
    expect(screen.queryByRole('region')).toBeNull();
  });
  it('calls nobody to account: a day without a log is told as that, with how to say that it was done', () => {
    const onPut = after({ kind: 'missed', day: '2026-11-02' }, { kind: 'moved', day: '2026-11-04', to: '2026-11-05' });
    const [moved, missed] = screen.getAllByRole('listitem').map((li) => li.textContent);
    expect(moved).toBe('Nothing is in the log for Wednesday 4 November: Thursday 5 November is free for it.');
    expect(missed).toMatch(/^Nothing is in the log for Monday 2 November: missed, then/);
    expect(screen.getByText(BELOW)).toBeTruthy();
    // Nothing by itself.
    expect(onPut).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('button', { name: 'Make these changes' }));
    expect(onPut).toHaveBeenCalledTimes(1);
  });
  it('asks for no mark where the log has them all, and goes away for now', () => {
    after({ kind: 'other-day', day: '2026-11-04', to: '2026-11-05' });
    expect(screen.queryByText(BELOW)).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Not now' }));
    expect(screen.queryByRole('region')).toBeNull();
  });
});
