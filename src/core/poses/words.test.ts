import { describe, expect, it } from 'vitest';
import { LIBRARY } from './library';
import { inSentence } from '@/core/languages/in-sentence';

describe('a name within a sentence', () => {
  it('has small letters, but for numerals', () => {
    expect(inSentence('Warrior III')).toBe('warrior III');
    expect(inSentence('Child’s pose')).toBe('child’s pose');
    expect(inSentence('Half lord of the fishes')).toBe('half lord of the fishes');
    expect(inSentence('')).toBe('');
  });
  it('is the same name for every shape of the library', () => {
    for (const { name } of LIBRARY) expect(inSentence(name).toLowerCase()).toBe(name.toLowerCase());
  });
});
