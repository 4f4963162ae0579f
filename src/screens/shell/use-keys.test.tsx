// @vitest-environment happy-dom
import Dialog from '@mui/material/Dialog';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { singleKeys, useKeys } from './use-keys';

const heard = vi.fn();
function Page({ over = false, inFields = false, inDialog = false }) {
  useKeys((e) => heard(e.key), { inFields, inDialog });
  return (
    <main>
      <input aria-label="field" />
      <textarea aria-label="words" />
      <button>button</button>
      <Dialog open={over}>over</Dialog>
    </main>
  );
}
const press = (where: Element, key: string, more: object = {}) =>
  fireEvent.keyDown(where, { key, code: /^\w$/.test(key) ? `Key${key.toUpperCase()}` : key, ...more });

afterEach(() => {
  cleanup();
  heard.mockClear();
  act(() => singleKeys.set('on'));
});

describe('keys of a page', () => {
  it('are heard from anywhere but a field, and from there too where they write nothing', () => {
    render(<Page />);
    press(document.body, 's');
    press(screen.getByText('button'), 'ArrowRight');
    press(screen.getByLabelText('field'), 's');
    press(screen.getByLabelText('words'), 's');
    expect(heard.mock.calls.flat()).toEqual(['s', 'ArrowRight']);
    cleanup();
    heard.mockClear();
    render(<Page inFields />);
    press(screen.getByLabelText('field'), 'k', { ctrlKey: true });
    expect(heard).toHaveBeenCalledWith('k');
  });
  it('are not heard behind a dialog, but in it', () => {
    render(<Page over />);
    press(screen.getByText('over'), 's');
    press(screen.getByText('over'), ' ');
    expect(heard).not.toHaveBeenCalled();
    cleanup();
    // One that is going away keeps no key.
    const { rerender } = render(<Page over />);
    rerender(<Page />);
    press(document.body, 'g');
    expect(heard).toHaveBeenCalledWith('g');
    cleanup();
    render(<Page over inDialog />);
    press(document.body, ' ');
    expect(heard).toHaveBeenCalledWith(' ');
  });
  it('that write something are silent once they are switched off; the others stay', () => {
    render(<Page />);
    act(() => singleKeys.set('off'));
    for (const key of ['s', '?', '/', '1']) press(document.body, key);
    expect(heard).not.toHaveBeenCalled();
    press(document.body, ' ');
    press(document.body, 'ArrowRight');
    press(document.body, 'z', { ctrlKey: true });
    press(document.body, '1', { altKey: true });
    expect(heard.mock.calls.flat()).toEqual([' ', 'ArrowRight', 'z', '1']);
  });
});
