import fc from 'fast-check';
import encodeQR from 'qr';
import { describe, expect, it } from 'vitest';
import { PAIN_KINDS } from '@/core/students/hurt';
import { PLACES } from '@/core/students/places';
import { homeCodesIn, readHomeCode, writeHomeCode, type HomeResult, type HomeReturn } from './code';
import { result, returned } from './home.fixtures';
import { readSquare } from './square-code';

const anyId = fc.string({ minLength: 1, maxLength: 24, unit: 'binary' });
const anyResult: fc.Arbitrary<HomeResult> = fc
  .record({
    pose: anyId,
    rung: fc.integer({ min: 1, max: 9 }),
    side: fc.constantFrom('left' as const, 'right' as const, 'both' as const),
    plannedSeconds: fc.integer({ min: 0, max: 3600 }),
    doneSeconds: fc.integer({ min: 0, max: 3600 }),
    how: fc.constantFrom('done', 'skipped', 'stopped', ...PAIN_KINDS),
    placeFelt: fc.option(fc.constantFrom(...PLACES), { nil: undefined }),
    strength: fc.option(fc.integer({ min: 0, max: 10 }), { nil: undefined }),
  })
  .map(({ how, placeFelt, strength, ...r }) => ({
    ...r,
    skipped: how === 'skipped',
    ...(how !== 'done' && how !== 'skipped' && { stopped: true }),
    ...(PAIN_KINDS.some((k) => k === how) && { pain: how as HomeResult['pain'] }),
    ...(placeFelt && { placeFelt }),
    ...(strength !== undefined && { strength }),
  }));
const anyReturn: fc.Arbitrary<HomeReturn> = fc.record({
  file: anyId,
  student: anyId,
  play: fc
    .record({
      practice: fc.string({ maxLength: 20 }),
      start: fc.integer({ min: 1_600_000_000, max: 2_000_000_000 }),
      lasted: fc.integer({ min: 0, max: 7200 }),
      day: fc.constant('2026-11-20'),
      zone: fc.constantFrom('', 'Europe/London', 'Asia/Kolkata'),
      items: fc.array(anyResult, { maxLength: 30 }),
      readings: fc.array(
        fc.record({
          test: anyId,
          readout: anyId,
          side: fc.constantFrom('left' as const, 'right' as const, 'both' as const),
          value: fc.double({ min: -200, max: 700, noNaN: true }).map((v) => v + 0),
        }),
        { maxLength: 4 },
      ),
    })
    .map(({ start, lasted, ...p }) => ({ ...p, startedAt: start * 1000, endedAt: (start + lasted) * 1000 })),
});

describe('a line that a phone gives back', () => {
  it('says again what was written, whatever it was', () => {
    fc.assert(
      fc.property(anyReturn, (given) => {
        const line = writeHomeCode(given);
        expect(readHomeCode(line)).toEqual(given);
        expect(line).toMatch(/^[\x21-\x7e]+$/);
      }),
      { numRuns: 300 },
    );
  });
  it('is found in any message, broken into lines by it, several at once and each once', () => {
    const a = writeHomeCode(returned()),
      b = writeHomeCode(returned({ practice: 'p2' }));
    const message = `Hello!\n${a.slice(0, 40)}\r\n  ${a.slice(40)}thanks, and the other: “${b}”. ${a}`;
    expect(homeCodesIn(message)).toEqual([a, b]);
    expect(homeCodesIn('Nothing here: KOLPOS1|a|b')).toEqual([]);
  });
  it('is refused with any one letter changed, lost or doubled', () => {
    const line = writeHomeCode(returned());
    fc.assert(
      fc.property(fc.integer({ min: 0, max: line.length - 1 }), fc.constantFrom('x', 'lost', 'twice'), (at, how) => {
        const middle = how === 'x' ? (line[at] === 'x' ? 'y' : 'x') : how === 'lost' ? '' : line[at] + line[at];
        const other = line.slice(0, at) + middle + line.slice(at + 1);
        expect(readHomeCode(other)).toBeNull();
      }),
    );
  });
  it('throws at nothing', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.string().map((s) => `KOLPOS1|${s}`),
          fc.string({ unit: 'binary' }),
        ),
        (text) => {
          for (const line of [text, ...homeCodesIn(text)]) readHomeCode(line);
        },
      ),
      { numRuns: 500 },
    );
  });
  it('of an hour of practice fits a square that a phone can show', () => {
    const items = Array.from({ length: 30 }, (_, i) =>
      result(`a-pose-with-a-name-${i >> 1}`, i % 2 ? 'left' : 'right', { placeFelt: 'back-thigh', strength: 4 }),
    );
    expect(writeHomeCode(returned({ items })).length).toBeLessThan(1400);
  });
});

/** A square code as a picture, turned and scaled as by a hand that holds a camera; nearest of four points a pixel. */
function photographed(text: string, pixels: number, turned_deg: number, lean: number) {
  const code = encodeQR(text, 'raw', { ecc: 'low', border: 4 });
  const size = Math.round(pixels * 1.5);
  const data = new Uint8ClampedArray(size * size * 4).fill(255);
  const a = (turned_deg * Math.PI) / 180;
  const scale = code.length / pixels;
  const dark = (x: number, y: number): number => {
    const dx = x - size / 2,
      dy = y - size / 2;
    // Seen a little from the side: what is further up is smaller.
    const w = 1 / (1 - (lean * dy) / size);
    const u = (dx * Math.cos(a) + dy * Math.sin(a)) * w * scale + code.length / 2,
      v = (-dx * Math.sin(a) + dy * Math.cos(a)) * w * scale + code.length / 2;
    return code[Math.floor(v)]?.[Math.floor(u)] ? 1 : 0;
  };
  for (let y = 0; y < size; y++)
    for (let x = 0; x < size; x++) {
      const ink =
        (dark(x + 0.25, y + 0.25) + dark(x + 0.75, y + 0.25) + dark(x + 0.25, y + 0.75) + dark(x + 0.75, y + 0.75)) / 4;
      // Paper is never white, and light falls off to one side.
      data.fill(225 - 170 * ink - (25 * x) / size, (y * size + x) * 4, (y * size + x) * 4 + 3);
    }
  return { width: size, height: size, data };
}

describe('a square code', () => {
  it('that is not there is told as none', () => {
    expect(readSquare({ width: 60, height: 40, data: new Uint8ClampedArray(60 * 40 * 4).fill(200) })).toBeNull();
  });
  const line = writeHomeCode(
    returned({ items: Array.from({ length: 16 }, (_, i) => result(`low-lunge-${i >> 1}`, i % 2 ? 'left' : 'right')) }),
  );
  it.each([300, 480, 900])('is read from a picture of %i pixels', (pixels) => {
    expect(readSquare(photographed(line, pixels, 0, 0))).toBe(line);
  });
  it.each([
    [12, 0.1],
    [-25, 0.15],
    [90, 0.08],
    [40, 0.1],
  ])('is read from a photograph turned by %i degrees and leaning', (turned, lean) => {
    expect(readSquare(photographed(line, 700, turned, lean))).toBe(line);
  });
});
