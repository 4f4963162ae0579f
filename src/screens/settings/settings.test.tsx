// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { broughtWords, changesNothing, studentWords, tallyWords } from './incoming-words';
import { PassphraseDialog } from './PassphraseDialog';

afterEach(cleanup);

describe('asking for a passphrase', () => {
  const show = (locks: boolean, problem: string | null = null) => {
    const onSay = vi.fn();
    render(<PassphraseDialog locks={locks} busy={false} problem={problem} onSay={onSay} onClose={vi.fn()} />);
    const type = (label: string, value: string) =>
      fireEvent.change(screen.getByLabelText(label), { target: { value } });
    return { onSay, type };
  };
  it('to lock with: long enough, and twice the same', async () => {
    const { onSay, type } = show(true);
    const lock = () => fireEvent.click(screen.getByRole('button', { name: 'Lock and take out' }));
    type('Passphrase', 'tide');
    lock();
    expect(await screen.findByText(/^Take at least 10 letters/)).toBeTruthy();
    type('Passphrase', 'ebb flood slack spring');
    type('The same again', 'ebb flood slack neap');
    lock();
    expect(await screen.findByText('The two are not the same.')).toBeTruthy();
    expect(onSay).not.toHaveBeenCalled();
    type('The same again', 'ebb flood slack spring');
    lock();
    await waitFor(() => expect(onSay).toHaveBeenCalledWith('ebb flood slack spring'));
  });
  it('to open with: once, and why the last one did not do', async () => {
    const { onSay, type } = show(false, 'It does not open this file.');
    expect(screen.getByText('It does not open this file.')).toBeTruthy();
    expect(screen.queryByLabelText('The same again')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Open it' }));
    expect(await screen.findByText('Type the passphrase.')).toBeTruthy();
    // A file of long ago may have a short one.
    type('Passphrase', 'tide');
    fireEvent.click(screen.getByRole('button', { name: 'Open it' }));
    await waitFor(() => expect(onSay).toHaveBeenCalledWith('tide'));
  });
});

describe('what a file would bring, in words', () => {
  const none = { new: 0, newer: 0, older: 0, same: 0 };
  it('counts what it brought', () => {
    expect(broughtWords({ students: 1, readings: 16, practices: 0, logs: 2, poses: 0, templates: 0 })).toBe(
      '1 student, 16 readings, and 2 lessons',
    );
    expect(broughtWords({ students: 0, readings: 0, practices: 0, logs: 0, poses: 0, templates: 0 })).toBe(
      'settings alone',
    );
  });
  it('says of each student how she stands, and what was changed on both', () => {
    expect(studentWords({ standing: 'older', both: [] })).toBe('newer here, stays');
    expect(studentWords({ standing: 'both', both: ['aim', 'hurt', 'styles'] })).toBe(
      'changed on both (aim, other answers): of each the later one counts',
    );
    expect(tallyWords({ ...none, new: 2, older: 1, same: 9 })).toBe('2 new, 1 newer here');
  });
  it('knows where nothing would change', () => {
    const one = { id: 'a', name: 'A', standing: 'older' as const, both: [], rows: none };
    expect(changesNothing([one], none)).toBe(true);
    expect(changesNothing([{ ...one, rows: { ...none, new: 1 } }], none)).toBe(false);
    expect(changesNothing([{ ...one, standing: 'newer' }], none)).toBe(false);
    expect(changesNothing([one], { ...none, newer: 1 })).toBe(false);
  });
});
