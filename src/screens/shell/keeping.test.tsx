// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, expect, it } from 'vitest';
import { KeepingOf, useKeeping, useUnkept } from './keeping';

afterEach(cleanup);

function Field() {
  const [typed, setTyped] = useState('');
  useUnkept(typed !== '');
  return <input aria-label="Days" value={typed} onChange={(e) => setTyped(e.target.value)} />;
}
function Page() {
  const { unkept, tell } = useKeeping();
  return (
    <KeepingOf tell={tell}>
      <p role="status">{unkept ? 'Not kept yet …' : 'Kept.'}</p>
      <Field />
    </KeepingOf>
  );
}
/** Types as a browser tells it, without the help that waits in tests until all is drawn. */
async function typeAlone(field: HTMLInputElement, text: string): Promise<void> {
  const scope = globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean };
  const before = scope.IS_REACT_ACT_ENVIRONMENT;
  scope.IS_REACT_ACT_ENVIRONMENT = false;
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(field, text);
  field.dispatchEvent(new Event('input', { bubbles: true }));
  // What is drawn for a letter is drawn before the browser does anything else; only what follows at once has run.
  await Promise.resolve();
  scope.IS_REACT_ACT_ENVIRONMENT = before;
}

it('is not said beside a letter that is not kept, not even for a moment', async () => {
  render(<Page />);
  const field = screen.getByLabelText<HTMLInputElement>('Days');
  expect(screen.getByRole('status').textContent).toBe('Kept.');
  await typeAlone(field, 'rows');
  expect([field.value, screen.getByRole('status').textContent]).toEqual(['rows', 'Not kept yet …']);
});
