// @vitest-environment happy-dom
import { act, cleanup, render, screen, waitFor } from '@testing-library/react';
import { useRef } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { PageTold } from './PageTold';

let address = { path: '/studio', query: '' };
vi.mock('next/navigation', () => ({
  usePathname: () => address.path,
  useSearchParams: () => new URLSearchParams(address.query),
}));

function Page({ heading, field = false }: { heading: string; field?: boolean }) {
  const main = useRef<HTMLElement>(null);
  return (
    <>
      <nav>
        <a href="#x">link</a>
      </nav>
      <PageTold main={main} />
      <main ref={main} tabIndex={-1}>
        {heading && <h1>{heading}</h1>}
        {field && <input aria-label="field" />}
      </main>
    </>
  );
}
const spoken = () => document.querySelector('[aria-live]')?.textContent;

beforeEach(() => {
  address = { path: '/studio', query: '' };
});
afterEach(cleanup);

describe('where one is', () => {
  it('stands in the title, also once the heading comes later, and is not spoken at the beginning', async () => {
    const { rerender } = render(<Page heading="" />);
    rerender(<Page heading="Today" />);
    await waitFor(() => expect(document.title).toBe('Today · Kolpos'));
    expect(spoken()).toBe('');
    expect(document.activeElement).toBe(document.body);
  });
  it('is spoken after another step of the same page, and the focus goes to its beginning', async () => {
    address = { path: '/studio/student', query: 'id=a&step=ask' };
    const { rerender } = render(<Page heading="Ask Sedge" />);
    act(() => screen.getByText('link').focus());
    address = { path: '/studio/student', query: 'id=a&step=poses' };
    rerender(<Page heading="Poses for Sedge" />);
    await waitFor(() => expect(spoken()).toBe('Poses for Sedge'));
    expect(document.title).toBe('Poses for Sedge · Kolpos');
    expect(document.activeElement).toBe(screen.getByRole('main'));
  });
  it('leaves the focus where the page put it, and is silent while only something else in the address changes', async () => {
    address = { path: '/studio/student', query: 'id=a&step=measure' };
    const { rerender } = render(<Page heading="Measure" field />);
    act(() => screen.getByLabelText('field').focus());
    address = { path: '/studio/student', query: 'id=a&step=measure&at=x' };
    rerender(<Page heading="Another test" field />);
    await waitFor(() => expect(document.title).toBe('Another test · Kolpos'));
    expect(spoken()).toBe('');
    expect(document.activeElement).toBe(screen.getByLabelText('field'));
  });
});
