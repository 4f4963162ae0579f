import { describe, expect, it } from 'vitest';
import { GROUP_WORDS } from '@/core/body/words';
import { CHAPTERS } from './chapters';
import { GLOSSARY, termOf } from './glossary';

/** Most words in a sentence that is read beside a mat. */
const MOST = 25;
const sentences = (text: string): string[] => text.split(/(?<=[.!?:;])\s+/).filter(Boolean);
const all = [
  ...CHAPTERS.flatMap((c) => [c.title, ...c.paragraphs, ...(c.steps ?? [])]),
  ...GLOSSARY.map((t) => t.means),
];

describe('words for teachers', () => {
  it('come in short sentences', () => {
    const long = all.flatMap(sentences).filter((s) => s.split(/\s+/).length > MOST);
    expect(long).toEqual([]);
  });
  it('have no exclamation marks and name no disease as found', () => {
    for (const text of all) expect(text).not.toMatch(/!|you have (a|an) \w+itis/i);
  });
  it('define every term once, in order, and lead from other names', () => {
    const names = GLOSSARY.map((t) => t.term.toLowerCase());
    expect(new Set(names).size).toBe(names.length);
    expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b, 'en')));
    expect(names.length).toBeGreaterThanOrEqual(60);
    for (const { also = [] } of GLOSSARY) for (const a of also) expect(names).not.toContain(a.toLowerCase());
    expect(termOf('TFL')?.term).toBe('lateral hip');
    expect(termOf('zzz')).toBeNull();
  });
  it('explain every muscle group that findings name', () => {
    for (const { name } of Object.values(GROUP_WORDS)) expect(termOf(name), name).not.toBeNull();
  });
  it('chapters have ids of their own', () => {
    expect(new Set(CHAPTERS.map((c) => c.id)).size).toBe(CHAPTERS.length);
  });
});
