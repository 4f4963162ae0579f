// @vitest-environment happy-dom
import { act, cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { z } from 'zod';
import { studioDatabase } from '@/store/studio';
import { inStudio } from '../shell/test-studio';
import { useSetting } from './use-setting';

const schema = z.object({ a: z.number(), b: z.number() });
const OURS = { a: 0, b: 0 };
const KEY = 'test/setting';
const db = studioDatabase('demo');

function Part() {
  const [now, put] = useSetting(KEY, schema, OURS);
  return (
    <>
      <output>{`${now.a} ${now.b}`}</output>
      <button onClick={() => put({ a: now.a + 1 })}>a</button>
      <button onClick={() => put({ b: now.b + 1 })}>b</button>
    </>
  );
}
const shown = () => screen.getByRole('status').textContent;
const stored = async () => JSON.parse((await db.memos.get(KEY))?.value ?? 'null') as unknown;

afterEach(async () => {
  cleanup();
  await db.memos.delete(KEY);
});

describe('a setting', () => {
  it('holds from the press on, and every press counts', async () => {
    inStudio(<Part />);
    fireEvent.click(screen.getByText('a'));
    expect(shown()).toBe('1 0');
    fireEvent.click(screen.getByText('b'));
    fireEvent.click(screen.getByText('a'));
    expect(shown()).toBe('2 1');
    await waitFor(async () => expect(await stored()).toEqual({ a: 2, b: 1 }));
    expect(shown()).toBe('2 1');
  });
  it('follows what another tab writes once its own is written', async () => {
    inStudio(<Part />);
    fireEvent.click(screen.getByText('a'));
    await waitFor(async () => expect(await stored()).toEqual({ a: 1, b: 0 }));
    await act(async () => {
      await db.memos.put({ key: KEY, value: JSON.stringify({ a: 7, b: 7 }) });
    });
    await waitFor(() => expect(shown()).toBe('7 7'));
    fireEvent.click(screen.getByText('b'));
    expect(shown()).toBe('7 8');
    await waitFor(async () => expect(await stored()).toEqual({ a: 7, b: 8 }));
  });
  it('is ours again where what stands there cannot be read', async () => {
    await db.memos.put({ key: KEY, value: '{"a":"nonsense"}' });
    inStudio(<Part />);
    expect(shown()).toBe('0 0');
    fireEvent.click(screen.getByText('a'));
    await waitFor(async () => expect(await stored()).toEqual({ a: 1, b: 0 }));
  });
});
