import { describe, expect, it, vi } from 'vitest';
import { IN_ENGLISH, toldIn } from './their-language';

describe('somebody’s language', () => {
  it('is there at once where it is English, and fetched where it is another', async () => {
    expect(await toldIn('en')).toBe(IN_ENGLISH);
    const { language, say } = await toldIn('de');
    expect([language, say('Dear {{name}},', { name: 'Nell' })]).toEqual(['de', 'Nell,']);
  });
  it('is English, and says so, where it cannot be fetched', async () => {
    vi.doMock('@/core/languages/catalogues', () => {
      throw new Error('no network');
    });
    expect(await toldIn('de')).toBe(IN_ENGLISH);
    vi.doUnmock('@/core/languages/catalogues');
  });
});
