import { describe, expect, it, vi } from 'vitest';
import { weakPassphrase } from '@/core/formats/passphrase';
import { passphraseProblem, readSealed, saysSealed, sealedSchema, type Sealed } from '@/core/formats/sealed';
import { canSeal, seal, unseal } from './sealing';

/** Fewer rounds than a real file has: what is tested is not how long it takes. */
const ROUNDS = 100_000;
const TEXT = '{"format":"kolpos/record","students":[{"name":"Sédge ▲ Heron"}]}';
const WORDS = 'ebb flood slack spring';
const change = async (by: (s: Sealed) => unknown): Promise<string> => {
  const sealed = JSON.parse(await seal(TEXT, WORDS, ROUNDS)) as Sealed;
  return JSON.stringify(by(sealed) ?? sealed);
};

describe('a locked file', () => {
  it('opens with its passphrase and no other; nothing of it can be read without', async () => {
    const file = await seal(TEXT, WORDS, ROUNDS);
    expect(file).not.toContain('Heron');
    expect(saysSealed(file)).toBe(true);
    expect(await unseal(file, WORDS)).toEqual({ ok: true, text: TEXT });
    for (const wrong of ['', 'ebb flood slack Spring', `${WORDS} `])
      expect(await unseal(file, wrong)).toMatchObject({ ok: false, problem: { field: 'the passphrase' } });
  });
  it('takes the same words from another keyboard', async () => {
    const file = await seal(TEXT, 'caf\u00e9 at the slip', ROUNDS);
    expect((await unseal(file, 'cafe\u0301 at the slip')).ok).toBe(true);
  });
  it('never looks the same twice, and is large without trouble', async () => {
    const long = 'x'.repeat(300_000);
    const [a, b] = await Promise.all([seal(long, WORDS, ROUNDS), seal(long, WORDS, ROUNDS)]);
    expect(a).not.toBe(b);
    expect(await unseal(a, WORDS)).toEqual({ ok: true, text: long });
  });
  it('says so where a single letter was changed', async () => {
    const at = (s: Sealed) => (s.data[20] === 'A' ? 'B' : 'A');
    const file = await change((s) => ({ ...s, data: s.data.slice(0, 20) + at(s) + s.data.slice(21) }));
    expect(await unseal(file, WORDS)).toMatchObject({ ok: false, problem: { field: 'the passphrase' } });
  });
  it.each<[string, (s: Sealed) => unknown, string]>([
    ['another format', (s) => ({ ...s, format: 'kolpos/record' }), 'format'],
    ['a newer version', (s) => ({ ...s, version: 7 }), 'version'],
    ['too few rounds', (s) => void (s.kdf.iterations = 10), 'kdf.iterations'],
    ['no base64', (s) => void (s.cipher.iv = '§§'), 'cipher.iv'],
    ['no data', (s) => ({ ...s, data: undefined }), 'data'],
  ])('%s is named with its place', async (_, by, field) => {
    const file = await change(by);
    expect(await unseal(file, WORDS)).toMatchObject({ ok: false, problem: { field } });
  });
  it('what is no such file is not taken for one', () => {
    for (const text of ['', '[]', 'null', TEXT, '{"format":']) expect(saysSealed(text)).toBe(false);
    expect(readSealed('not a file').ok).toBe(false);
  });
  it('is written as its schema says', async () =>
    expect(sealedSchema.safeParse(JSON.parse(await seal(TEXT, WORDS, ROUNDS))).success).toBe(true));
});

describe('without the browser’s cryptography', () => {
  it('is said beforehand, so that nobody blames the passphrase', () => {
    expect(canSeal()).toBe(true);
    vi.stubGlobal('crypto', {});
    expect(canSeal()).toBe(false);
    vi.unstubAllGlobals();
  });
});

describe('a passphrase', () => {
  it('must not be too short', () => {
    expect(passphraseProblem('tide')).toContain('at least 10');
    expect(passphraseProblem(WORDS)).toBeNull();
  });
  it.each(['aaaaaaaaaa', '1234567890', '          ', 'qwertyuiop', 'passwordpassword', '2026-11-29', 'abcabcabcabc'])(
    'must not be guessed quickly: “%s”',
    async (weak) => expect(await weakPassphrase(weak)).toMatch(/guessed quickly|at least 10/),
  );
  it.each([WORDS, 'heron oar kiln sandbar', 'Møwe-Ebbe_7 Pfahl'])('is good: “%s”', async (good) =>
    expect(await weakPassphrase(good)).toBeNull(),
  );
});
