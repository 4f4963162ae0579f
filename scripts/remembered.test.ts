import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';

/**
 * What a component must not look at while it draws, where the compiler remembers what it drew: the clock, and state of
 * a module.
 */
const BESIDE =
  /\b(allShapes|useOwnPoses|shapeById|heldOf|today|hourNow|now)\(|new Date\(\)|Date\.now\(|performance\.now\(|Math\.random\(/;

describe('components that say that they may be remembered', () => {
  const said = readdirSync('src/screens', { recursive: true, encoding: 'utf8' })
    .map((f) => join('src/screens', f))
    .filter((f) => f.endsWith('.tsx') && readFileSync(f, 'utf8').includes("'use memo'"));
  it('look at nothing beside their props and hooks', () => {
    expect(said.length).toBeGreaterThan(0);
    expect(said.filter((f) => BESIDE.test(readFileSync(f, 'utf8')))).toEqual([]);
  });
  it('are found out where they do', () => {
    for (const text of ['const all = allShapes();', 'screenOf(s, today())', 'const at = new Date();'])
      expect(BESIDE.test(text), text).toBe(true);
    expect(BESIDE.test('onClick={() => later(shapes)}')).toBe(false);
  });
});
