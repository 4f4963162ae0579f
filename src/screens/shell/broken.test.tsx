// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { BrokenScreen } from './BrokenScreen';
import { brokenWords } from './broken-words';

vi.mock('next/navigation', () => ({ usePathname: () => '/demo/poses' }));
afterEach(cleanup);

describe('a screen that cannot be shown', () => {
  it.each([
    ['MissingAPIError', 'IndexedDB API missing', 'keep anything'],
    ['OpenFailedError', 'UnknownError Internal error opening backing store', 'keep anything'],
    ['VersionError', 'The requested version (70) is less than the existing version (80).', 'newer Kolpos'],
    ['ChunkLoadError', 'Loading chunk 7 failed.', 'could not be fetched'],
    ['TypeError', 'Failed to fetch dynamically imported module: /_next/x.js', 'could not be fetched'],
    ['TypeError', 'Cannot read properties of undefined', 'stumbled'],
  ])('%s: %s', (name, message, words) => expect(brokenWords({ name, message }).title).toContain(words));

  it('says what is safe, and offers to try again and to save', () => {
    const reset = vi.fn();
    render(<BrokenScreen error={new TypeError('Cannot read properties of undefined')} reset={reset} />);
    expect(screen.getByRole('alert').textContent).toContain('is kept in this browser');
    fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
    expect(reset).toHaveBeenCalledTimes(1);
    expect(screen.getByRole('button', { name: 'Save a backup of everything' })).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Go to Today' }).getAttribute('href')).toBe('/demo');
  });
});
