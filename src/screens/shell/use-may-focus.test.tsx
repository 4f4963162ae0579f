// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { useMayFocus } from './use-may-focus';

function Late() {
  return <input aria-label="late" autoFocus={useMayFocus()} />;
}
afterEach(cleanup);

describe('a field that comes late', () => {
  it('takes the focus where nobody is in a dialog', () => {
    render(<Late />);
    expect(document.activeElement).toBe(screen.getByLabelText('late'));
  });
  it('leaves it to the dialog that is open', () => {
    const page = (late: boolean) => (
      <>
        <div role="dialog">
          <input aria-label="search" autoFocus />
        </div>
        {late && <Late />}
      </>
    );
    const { rerender } = render(page(false));
    rerender(page(true));
    expect(document.activeElement).toBe(screen.getByLabelText('search'));
  });
});
