import { afterEach, expect, it, vi } from 'vitest';
import { writeRecord } from '@/core/formats/record';
import { publishedStudio } from '@demo/published.fixtures';
import { readBack } from './read-back';

afterEach(() => {
  vi.doUnmock('@/store/read-back');
  vi.resetModules();
});

it('a file that was written is read back whole, and one that was damaged is not called so', async () => {
  const text = writeRecord(publishedStudio());
  expect(await readBack(text)).toEqual([]);
  expect((await readBack(text.slice(0, -100)))?.length).toBeGreaterThan(0);
});

it('where the reader cannot be fetched nothing is called read', async () => {
  vi.resetModules();
  vi.doMock('@/store/read-back', () => {
    throw new Error('offline');
  });
  const apart = await import('./read-back');
  expect(await apart.readBack(writeRecord(publishedStudio()))).toBeNull();
});
