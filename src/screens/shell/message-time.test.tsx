// @vitest-environment happy-dom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { SnackbarProvider } from 'notistack';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { setMessageTime } from './message-time';
import { useUndo } from './use-undo';

function Button({ undo }: { undo: () => Promise<void> }) {
  const say = useUndo();
  return <button onClick={() => say('The reading is removed.', { undo })}>Remove</button>;
}
const show = () => {
  const undo = vi.fn(async () => undefined);
  render(
    <SnackbarProvider autoHideDuration={1000}>
      <Button undo={undo} />
    </SnackbarProvider>,
  );
  fireEvent.click(screen.getByText('Remove'));
  return undo;
};

afterEach(() => {
  cleanup();
  vi.useRealTimers();
  act(() => setMessageTime('short'));
});

describe('a message with a way back', () => {
  it('offers the way back, and no button to close it where it goes by itself', () => {
    const undo = show();
    expect(screen.queryByRole('button', { name: 'Close' })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    expect(undo).toHaveBeenCalledOnce();
  });
  it('stays until it is closed where that is wished', () => {
    vi.useFakeTimers();
    act(() => setMessageTime('stay'));
    show();
    act(() => vi.advanceTimersByTime(60_000));
    expect(screen.getByText('The reading is removed.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Close' })).toBeTruthy();
  });
});
