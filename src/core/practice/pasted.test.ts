import { someOf } from '@/core/how-much.fixtures';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LIBRARY, namesOf } from '@/core/poses';
import { blocksOf } from './blocks';
import { shapesNamed } from './named-shape';
import { nudgesFor } from './nudges';
import { formOf, practiceOfLines, readSequence, rungFor, settledOf } from './pasted';
import { itemSchema, PHASES, totalSeconds } from './practice';
import { AIMS as aims, POSES as ranked, ranked as fitted } from './practices.fixtures';
import { risingPath } from './rising';
import { requestOf } from './request';
import { linesOfSequence } from './sequence-text';
import { warningsOf } from './warnings';

let n = 0;
const newId = () => `p-${n++}`;
const BREATH = 6;
const from = (text: string) =>
  practiceOfLines(
    readSequence(text).map((line) => settledOf(line)),
    ranked,
    aims,
    BREATH,
    newId,
  );

describe('what is written to be done many times', () => {
  it('is done with the breath, unless a time is written', () => {
    const holds = (text: string) => from(text).items.map((i) => [i.breaths, i.repeats, i.sets]);
    expect(holds('Bridge, 3 sets of 10')).toEqual([[1, 10, 3]]);
    expect(holds('Bridge x 10, 3 breaths')).toEqual([[3, 10, undefined]]);
    expect(from('Bridge x 2').items[0].breaths).toBeGreaterThan(1);
  });
});

describe('a line of a sequence', () => {
  it.each([
    ['Pigeon 2 min each side', 'Pigeon', { seconds: 120 }],
    ['3. Low lunge – 90 s', 'Low lunge', { seconds: 90 }],
    ['• Downward dog, 5 breaths', 'Downward dog', { breaths: 5 }],
    ['Cat-cow x 8', 'Cat-cow', { times: 8 }],
    ['Bridge, 3 sets of 10', 'Bridge', { sets: 3, times: 10 }],
    ['clam 3 x 12 each side', 'clam', { sets: 3, times: 12 }],
    ['Plank, two sets of 30 seconds', 'Plank', { sets: 2, seconds: 30 }],
    ['wall sit 3 × 30 s', 'wall sit', { times: 3, seconds: 30 }],
    ['bird dog, 2 sets', 'bird dog', { sets: 2 }],
    ['bridge, 3 times, 5 breaths', 'bridge', { times: 3, breaths: 5 }],
    ['Lizard 1:30 (right side)', 'Lizard', { seconds: 90, side: 'right' }],
    ['Half split, left, five breaths', 'Half split', { breaths: 5, side: 'left' }],
    ['Legs up the wall two minutes', 'Legs up the wall', { seconds: 120 }],
    ['Hold child’s pose for 1.5 minutes', 'child’s pose', { seconds: 90 }],
    ['Corpse pose 1 min 30 sec', 'Corpse pose', { seconds: 90 }],
    ['Triangle L', 'Triangle', { side: 'left' }],
  ])('%s', (text, name, said) => {
    const [line] = linesOfSequence(text);
    expect(line).toMatchObject({ what: 'pose', name, ...said });
    const more = Object.keys(line).filter((k) => !['text', 'name', 'what', ...Object.keys(said)].includes(k));
    expect(more).toEqual([]);
  });

  it('that is a heading, or the other side, names no pose', () => {
    const what = (text: string) => linesOfSequence(text)[0].what;
    for (const text of ['Warm up:', 'Cool-down', 'Standing', 'Part 2']) expect(what(text)).toBe('heading');
    for (const text of ['Repeat on the other side', 'other side', 'same on left side'])
      expect(what(text)).toBe('again');
  });

  it('is found in a list on one line, and whatever is typed is read without an error', () => {
    expect(linesOfSequence('cat-cow, low lunge; pigeon → corpse pose').map((l) => l.name)).toEqual([
      'cat-cow',
      'low lunge',
      'pigeon',
      'corpse pose',
    ]);
    expect(linesOfSequence('123\n---\n\n')).toEqual([]);
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 300 }), (text) => {
        for (const line of readSequence(text)) {
          expect(line.seconds ?? 1).toBeGreaterThan(0);
          expect(line.seconds ?? 1).toBeLessThanOrEqual(1800);
          expect(line.times ?? 1).toBeLessThanOrEqual(20);
        }
      }),
      { numRuns: 200 },
    );
  });
});

describe('a written name', () => {
  const byName = new Map<string, Set<string>>();
  for (const s of LIBRARY) for (const name of namesOf(s)) byName.set(name, (byName.get(name) ?? new Set()).add(s.id));

  it('of a pose is known as that pose, whichever of its names it is', () => {
    for (const [name, ids] of someOf([...byName], 150)) {
      const { sure, likely } = shapesNamed(name);
      if (ids.size === 1 && sure) expect(ids, name).toContain(sure.shape.id);
      else
        expect(
          likely.slice(0, 3).map((l) => l.shape.id),
          name,
        ).toEqual(expect.arrayContaining([...ids].slice(0, 1)));
    }
    const asked = someOf(LIBRARY, 60);
    const first = asked.filter((s) => shapesNamed(s.name).sure?.shape.id === s.id);
    expect(first.length / asked.length).toBeGreaterThan(0.93);
  });

  it.each([
    ['down dog', 'dog'],
    ['piegon', 'pigeon'],
    ['Savasana', 'resting-back'],
    ['supta baddha konasana', 'bound-soles-lying'],
    ['warrior 2', 'warrior-two'],
    ['figure 4 on the back', 'lying-figure-four'],
    ['childs pose', 'childs'],
    ['seated forward fold', 'long-sitting-fold'],
  ])('%s means %s', (name, id) => {
    expect(shapesNamed(name).sure?.shape.id).toBe(id);
  });

  it('that may be several is asked about, and one that is none is told', () => {
    expect(shapesNamed('dog').sure).toBeNull();
    expect(shapesNamed('dog').likely.map((l) => l.shape.id)).toContain('dog');
    expect(shapesNamed('crow')).toEqual({ sure: null, likely: [] });
    expect(shapesNamed('quarterly report').sure).toBeNull();
  });

  it('takes the rung that its words name', () => {
    expect(shapesNamed('low lunge, arms up').sure).toMatchObject({ rung: 2 });
    expect(shapesNamed('low lunge').sure?.rung).toBeNull();
  });
});

describe('a sequence for a student', () => {
  const text =
    'Child’s pose 2 min\nCat-cow x 8\nLow lunge 1 min\nHalf split 8 breaths\nPigeon 2 min\nBound angle 2 min\nCorpse pose 4 min';
  const { items, changes, minutes } = from(text);

  it('has its poses in the same order, both sides, held as written', () => {
    expect(blocksOf(items).map((b) => b.pose)).toEqual([
      ...['childs', 'cat-cow', 'low-lunge', 'half-split', 'pigeon', 'bound-soles', 'resting-back'],
    ]);
    expect(changes).toEqual([]);
    const of = (pose: string) => items.filter((i) => i.pose === pose);
    expect(of('low-lunge').map((i) => [i.side, i.holdSeconds])).toEqual([
      ['right', 60],
      ['left', 60],
    ]);
    expect(of('half-split').every((i) => i.breaths === 8)).toBe(true);
    expect(of('cat-cow')[0].repeats).toBe(8);
    expect(Math.abs(totalSeconds(items) / 60 - minutes)).toBeLessThanOrEqual(0.5);
  });

  it('begins with settling, ends in rest, and its parts never go back', () => {
    const phases = items.map((i) => i.phase);
    expect(phases[0]).toBe('settle');
    expect(phases.at(-1)).toBe('rest');
    const at = phases.map((p) => PHASES.indexOf(p));
    expect([...at].sort((a, b) => a - b)).toEqual(at);
  });

  it('takes one side where one is written, and the deepest rung that she can begin where none is', () => {
    expect(from('Pigeon, right side, 2 min').items.map((i) => i.side)).toEqual(['right']);
    const rung = rungFor('low-lunge', ranked);
    expect(from('low lunge').items[0].rung).toBe(rung);
    expect(ranked.filter((r) => r.pose === 'low-lunge' && r.rung === rung).every((r) => !r.beyondEntry)).toBe(true);
  });

  it('takes what is rested in as it is plainest', () => {
    const rest = items.at(-1);
    expect([rest?.pose, rest?.rung]).toEqual(['resting-back', 2]);
  });

  it('never takes a rung that its shape warns of where a clean one is open', () => {
    const loose = LIBRARY.filter((s) => s.rungs.some((r) => r.loose));
    expect(loose.length).toBeGreaterThan(0);
    for (const list of [ranked, fitted(aims, 'low-back-ache')])
      for (const shape of loose) expect(shape.rungs[rungFor(shape.id, list) - 1].loose, shape.id).toBeUndefined();
  });

  it('read again from its own names is the same', () => {
    const again = blocksOf(items)
      .map(
        (b) => `${LIBRARY.find((s) => s.id === b.pose)?.name}, ${b.items[0].breaths} breaths x ${b.items[0].repeats}`,
      )
      .join('\n');
    const key = (own: typeof items) => own.map((i) => [i.pose, i.side, i.breaths, i.repeats, i.phase]);
    expect(key(from(again).items)).toEqual(key(items));
  });

  it('holds no more than a practice can, and tells what is left out', () => {
    const lines = readSequence(Array.from({ length: 70 }, () => 'pigeon').join('\n'));
    expect(lines.filter((l) => l.what === 'over')).toHaveLength(10);
    const long = practiceOfLines(
      lines.map((line) => settledOf(line)),
      ranked,
      aims,
      BREATH,
      newId,
    ).items;
    expect(long.length).toBeLessThanOrEqual(120);
    for (const breathSeconds of [3, 6, 12])
      for (const item of practiceOfLines(
        [settledOf(readSequence('pigeon 45 minutes')[0])],
        ranked,
        aims,
        breathSeconds,
        newId,
      ).items)
        expect(itemSchema.safeParse(item).success).toBe(true);
  });

  it('is held no longer than a caution lets it be, and says so before', () => {
    const careful = fitted(aims, 'very-mobile');
    const line = settledOf(readSequence('pigeon 5 min')[0]);
    const { limits } = formOf(line, careful);
    expect(limits.join()).toContain('at most 30 s at a time');
    const { items: own } = practiceOfLines([line], careful, aims, BREATH, newId);
    expect(own.length).toBeGreaterThan(0);
    for (const item of own) expect(item.holdSeconds).toBeLessThanOrEqual(30);
  });

  it('takes an answer in place of what was read, and leaves out what is answered with nothing', () => {
    const [line] = readSequence('low lunge, arms up');
    expect(settledOf(line)).toMatchObject({ pose: 'low-lunge', rung: 2 });
    expect(settledOf(line, 'high-lunge')).toMatchObject({ pose: 'high-lunge', rung: null });
    expect(settledOf(line, null).pose).toBeNull();
  });

  it('gets small changes that help, keep what it keeps, and do not make it longer than asked', () => {
    const request = requestOf({ minutes: minutes + 3, breathSeconds: BREATH });
    const before = warningsOf(items, ranked, request).filter((w) => w.kind !== 'time').length;
    const nudges = nudgesFor({ items, ranked, aims, request }, newId);
    expect(nudges.length).toBeGreaterThan(0);
    for (const nudge of nudges) {
      expect(nudge.gain).toBeGreaterThan(0);
      expect(nudge.after).toBeGreaterThan(nudge.before);
      expect(totalSeconds(nudge.items) / 60).toBeLessThanOrEqual(request.minutes * 1.1 + 0.01);
      expect(warningsOf(nudge.items, ranked, request).filter((w) => w.kind !== 'time').length).toBeLessThanOrEqual(
        before,
      );
    }
    // Taken one after the other they go on helping, and come to an end.
    let own = [...items];
    for (let k = 0; k < 30; k++) {
      const [next] = nudgesFor({ items: own, ranked, aims, request }, newId);
      if (!next) break;
      own = next.items;
      expect(k).toBeLessThan(29);
    }
  });
});

describe('the cheapest way that never goes back', () => {
  it('is what trying every way finds', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 3, maxLength: 3 }), {
          minLength: 1,
          maxLength: 5,
        }),
        (costs) => {
          const cost = (way: readonly number[]) => way.reduce((s, p, i) => s + costs[i][p], 0);
          let ways: number[][] = [[]];
          costs.forEach(() => {
            ways = ways.flatMap((w) => [0, 1, 2].filter((p) => p >= (w.at(-1) ?? 0)).map((p) => [...w, p]));
          });
          const found = risingPath(costs);
          expect(found.every((p, i) => i === 0 || p >= found[i - 1])).toBe(true);
          expect(cost(found)).toBe(Math.min(...ways.map(cost)));
        },
      ),
    );
  });
});
