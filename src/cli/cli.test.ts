import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writeRecord } from '@/core/formats/record';
import { COORDINATES } from '@/core/body';
import { cautions } from './cautions';
import { bodyFor, pose } from './pose';
import { csv } from './csv';
import { ics } from './ics';
import { why } from './why';
import { publishedStudio } from '@demo/published.fixtures';
import { run as answer } from './run';
import { aims, findings, InputProblem, list, muscles, musclesInPose, parseAims, practice, rank } from './commands';

const record = publishedStudio();
const fault = (run: () => unknown): InputProblem => {
  try {
    run();
  } catch (error) {
    if (error instanceof InputProblem) return error;
    throw error;
  }
  throw new Error('expected an input problem');
};
interface Line {
  line: string;
  side: string;
  length_m: number;
  elongation: number;
  typicalShare: number | null;
  moment_arms_m: Record<string, number>;
}
const lines = (answer: unknown) => (answer as { lines: Line[] }).lines;

describe('muscles', () => {
  it('gives every line of both sides with length, elongation and arms by coordinate', () => {
    const all = lines(muscles({ hip_flexion_left: 90, knee_flexion_left: 20 }));
    expect(all).toHaveLength(84);
    const semi = (side: string) => all.find((l) => l.line === 'semimembranosus' && l.side === side);
    expect(semi('left')?.elongation).toBeGreaterThan((semi('right')?.elongation ?? 0) + 0.5);
    expect(semi('left')?.moment_arms_m.hip_flexion_left).toBeLessThan(-0.02);
    expect(Object.keys(semi('left')?.moment_arms_m ?? {}).every((k) => k.endsWith('_left'))).toBe(true);
    expect(semi('left')?.typicalShare).toBeGreaterThan(0.5);
    expect(semi('right')?.typicalShare).toBeLessThan(0.01);
  });
  it('mirrors what bending the back does to the two sides', () => {
    const all = lines(muscles({ lumbar_bend: 20 }));
    const length = (side: string) => all.find((l) => l.line === 'quadratus-lumborum' && l.side === side)?.length_m ?? 0;
    expect(length('left')).toBeGreaterThan(length('right'));
    const arm = (side: string) =>
      all.find((l) => l.line === 'quadratus-lumborum' && l.side === side)?.moment_arms_m.lumbar_bend ?? 0;
    expect(Math.sign(arm('left'))).toBe(-Math.sign(arm('right')));
  });
  it('of a pose at a depth', () => {
    const at = (depth: number) =>
      lines(musclesInPose('low-lunge', 1, depth)).find((l) => l.line === 'iliacus' && l.side === 'right')?.elongation ??
      0;
    expect(at(1)).toBeGreaterThan(at(0));
  });
  it('at the size of somebody measured: longer lines, the same elongations for the same shape', () => {
    const pick = (answer: unknown) => lines(answer).find((l) => l.line === 'semimembranosus' && l.side === 'left');
    const angles = { hip_flexion_left: 60 };
    const model = pick(muscles(angles)),
      tall = pick(muscles(angles, { height_cm: 192.5, mass_kg: 93 }));
    expect((tall?.length_m ?? 0) / (model?.length_m ?? 1)).toBeCloseTo(1.1, 6);
    expect(tall?.elongation).toBeCloseTo(model?.elongation ?? 0, 6);
    expect(fault(() => muscles(angles, { height_cm: 20, mass_kg: 60 })).field).toBe('height_cm');
  });
  it('refuses every coordinate beyond its hard limit, and what is no number, by name', () => {
    for (const { id, min_deg, max_deg } of COORDINATES)
      for (const wrong of [min_deg - 0.5, max_deg + 0.5, Number.NaN, Infinity]) {
        const problem = fault(() => muscles({ [id]: wrong }));
        expect(problem.field).toBe(id);
        expect(problem.message).toContain(id);
      }
    for (const l of lines(muscles(Object.fromEntries(COORDINATES.map((c) => [c.id, c.max_deg])))))
      for (const v of [l.length_m, l.elongation, ...Object.values(l.moment_arms_m)])
        expect(Number.isFinite(v)).toBe(true);
  });
  it('names what is wrong with the input', () => {
    expect(fault(() => muscles({ tail_flexion: 3 })).field).toBe('tail_flexion');
    expect(fault(() => musclesInPose('cartwheel', 1, 0)).field).toBe('pose');
    expect(fault(() => musclesInPose('pigeon', 1, 2)).field).toBe('depth');
  });
});

describe('lists', () => {
  it.each(['tests', 'structures', 'poses', 'coordinates'])('%s have ids', (what) => {
    const rows = list(what) as { id: string; kind?: string }[];
    expect(rows.length).toBeGreaterThan(4);
    expect(new Set(rows.map((r) => `${r.kind ?? what}/${r.id}`)).size).toBe(rows.length);
  });
  it('of something else are refused', () => expect(fault(() => list('cats')).message).toContain('coordinates'));
});

describe('a student of the demo studio', () => {
  it('findings name her limiter and her cautions', () => {
    const f = findings(record, 'demo-maren') as {
      movements: { movement: string; side: string; limiters: { structure: string }[] }[];
      cautions: { id: string }[];
      diagnostics: { rhat: number };
    };
    const slr = f.movements.find((m) => m.movement === 'hip-flexion-knee-straight' && m.side === 'left');
    expect(slr?.limiters[0].structure).toBe('hamstrings');
    expect(f.cautions.map((c) => c.id)).toEqual(['low-back-ache']);
    expect(f.diagnostics.rhat).toBeLessThan(1.2);
  });
  it('ranks and builds for wished aims', async () => {
    const wish = parseAims(['lengthen:psoas:left', 'strengthen:gluteus-maximus:left']);
    const { poses } = rank(record, 'demo-osk', wish, 3) as { poses: { score: number; aims: { aim: string }[] }[] };
    expect(poses).toHaveLength(3);
    expect(poses[0].aims.map((a) => a.aim)).toContain('lengthen:deep-hip-flexor:left');
    const built = (await practice(record, 'demo-osk', { minutes: 15, props: ['blanket'] }, wish)) as {
      items: { pose: string; props: string[]; cues: string[]; why: string[] }[];
      warnings: string[];
      gap: number;
    };
    expect(built.items.length).toBeGreaterThan(4);
    expect(built.warnings).toEqual([]);
    for (const i of built.items) {
      expect(i.cues.length).toBeGreaterThanOrEqual(3);
      expect(i.why.length).toBeGreaterThan(0);
      for (const p of i.props) expect(p).toBe('blanket');
    }
  });
  it('proposes aims', () => {
    const a = aims(record, 'demo-ilka') as { proposed: { group: string; side: string }[] };
    expect(a.proposed[0]).toMatchObject({ group: 'deep-buttock', side: 'left' });
  });
  it('must be in the record', () => {
    expect(fault(() => findings(record, 'nobody')).message).toContain('nobody');
    expect(fault(() => findings(record, undefined)).field).toBe('student');
  });
  it('gets no practice where a caution stops everything, nor of absurd length, style or peak', async () => {
    const stopped = {
      ...record,
      students: record.students.map((s) => ({ ...s, cautions: [{ caution: 'hot-calf' }] })),
    };
    await expect(practice(stopped, 'demo-osk', { minutes: 20 }, null)).rejects.toThrow('doctor');
    await expect(practice(record, 'demo-osk', { minutes: 3 }, null)).rejects.toMatchObject({ field: 'minutes' });
    await expect(practice(record, 'demo-osk', { minutes: 20, style: 'loud' }, null)).rejects.toMatchObject({
      field: 'style',
    });
    await expect(practice(record, 'demo-osk', { minutes: 20, peak: 'flying' }, null)).rejects.toMatchObject({
      field: 'peak',
    });
  });
});

describe('aims as text', () => {
  it('take a muscle for its group', () =>
    expect(parseAims(['lengthen:piriformis:right'])).toEqual([
      { kind: 'lengthen', group: 'deep-buttock', side: 'right', weight: 1 },
    ]));
  it('are none when none are given', () => expect(parseAims([])).toBeNull());
  it.each(['stretch:psoas:left', 'lengthen:eyebrow:left', 'lengthen:psoas', 'nonsense'])('%s is refused', (text) =>
    expect(fault(() => parseAims([text])).message).toContain(text),
  );
});

describe('the command', () => {
  const folder = mkdtempSync(join(tmpdir(), 'kolpos-'));
  const file = join(folder, 'demo.json');
  const run = (args: string[], input?: string) => spawnSync(join('bin', 'kolpos'), args, { encoding: 'utf8', input });
  beforeAll(() => writeFileSync(file, writeRecord(record)));
  afterAll(() => rmSync(folder, { recursive: true }));

  it('checks a file: counts on standard output, exit 0', () => {
    const r = run(['check', file]);
    expect(r.status).toBe(0);
    expect(JSON.parse(r.stdout)).toMatchObject({ readable: true, students: 7, practices: 1 });
  });
  it('reads standard input', () => {
    const r = run(['check', '-'], writeRecord(record));
    expect(r.status).toBe(0);
  });
  it('answers wrong input with one plain sentence, exit 2, nothing on standard output', () => {
    const r = run(['dance']);
    expect(r.status).toBe(2);
    expect(r.stdout).toBe('');
    expect(r.stderr.trim().split('\n')).toHaveLength(1);
    expect(r.stderr).toContain('There is no command "dance"');
  });
  it.each([
    [['check', join(folder, 'missing.json')], 'cannot be read'],
    [['findings', file, '--student', 'nobody'], 'nobody'],
    [['muscles', '--coordinates', '{oops'], 'takes JSON'],
    [['muscles', '--coordinates', '{}', '--measures', '{"height_cm":170}'], 'mass_kg'],
    [['muscles', '--coordinates', '{}', '--measures', '{"height_cm":170,"mass_kg":60,"thigh_cm":99}'], 'thigh'],
    [[], 'Name a command: check, students, list'],
    [['--nonsense'], "Unknown option '--nonsense'"],
    [['rank', file, '--student', 'demo-osk', '--top', 'many'], 'takes a number'],
    [['schema', 'cats'], 'record, pose, practice, sealed or all'],
  ])('%s names what is wrong', (args, words) => {
    const { message } = fault(() => answer([...args]));
    expect(message).toContain(words);
    expect(message.trim().split('\n')).toHaveLength(1);
  });
  it('tells every command, or one', () => {
    const all = String(answer(['--help']));
    for (const name of ['check', 'list', 'muscles', 'findings', 'aims', 'rank', 'practice', 'demo', 'schema'])
      expect(all).toContain(`bin/kolpos ${name}`);
    expect(String(answer(['help', 'rank']))).not.toContain('bin/kolpos aims');
    expect(answer(['--version'])).toMatch(/^\d+\.\d+\.\d+$/);
  });
  it('names the field of a damaged record', () => {
    const broken = join(folder, 'broken.json');
    writeFileSync(broken, writeRecord(record).replace('"mass_kg": 70,', '"mass_kg": "heavy",'));
    expect(answer(['check', broken])).toMatchObject({
      digest: 'differs',
      setAside: expect.arrayContaining([
        { where: expect.stringMatching(/^students\[\d\]\.mass_kg$/) as unknown, why: expect.any(String) as unknown },
      ]) as unknown,
    });
    // Nothing is computed for somebody of whom something is missing.
    expect(fault(() => answer(['findings', broken, '--student', 'demo-maren'])).message).toMatch(
      /students\[\d\]\.mass_kg/,
    );
    expect(answer(['aims', broken, '--student', 'demo-osk'])).toHaveProperty('proposed');
  });
});

describe('poses on the command line', () => {
  interface Told {
    pose: string;
    rung: number;
    depth: number;
    beyondEntry: boolean;
    demands: string[];
    angles_deg: Record<string, number>;
    state?: string;
  }
  const typical = bodyFor(null, undefined, 1);
  const ask = (id: string | undefined, more: Partial<Parameters<typeof pose>[1]> = {}) =>
    pose(id, { all: false, rung: null, side: 'right', depth: null, ...more }, typical) as Told;
  it('tells the deepest rung that can be entered, at the depth that is reached', () => {
    const told = ask('pigeon');
    expect(told).toMatchObject({ pose: 'pigeon', beyondEntry: false });
    expect(told.depth).toBeGreaterThanOrEqual(0);
    expect(ask('resting-back', { rung: 2 }).demands).toContain('lying-on-back');
  });
  it('tells angles and demands at the depth that is asked for', () => {
    const shallow = ask('low-lunge', { rung: 1, depth: 0 }),
      deep = ask('low-lunge', { rung: 1, depth: 1 });
    expect(deep.angles_deg).not.toEqual(shallow.angles_deg);
    expect(deep.depth).toBe(1);
    expect(ask('low-lunge', { rung: 1, side: 'left' }).pose).toBe('low-lunge');
  });
  it('answers bad input at its field', () => {
    expect(fault(() => ask('moon')).field).toBe('pose');
    expect(fault(() => ask('pigeon', { rung: 9 })).field).toBe('rung');
    expect(fault(() => ask('pigeon', { side: 'up' })).field).toBe('side');
    expect(fault(() => ask('pigeon', { depth: 2 })).field).toBe('depth');
  });
});

describe('cautions on the command line', () => {
  interface Row {
    pose: string;
    rung: number;
    state: string;
    because: { caution: string; demand: string }[];
    closedSides?: string[];
  }
  const of = (change: object) => {
    const students = record.students.map((s) => (s.id === 'demo-osk' ? { ...s, ...change } : s));
    return cautions({ ...record, students }, 'demo-osk') as {
      level: string;
      rungs: Row[];
      tests: { test: string; state: string }[];
    };
  };
  it('says of every rung and test what is left, and by which demand of which caution', () => {
    const told = of({ cautions: [{ caution: 'hip-replacement' }] });
    expect(told.level).toBe('refer-first');
    const squat = told.rungs.find((r) => r.pose === 'squat' && r.rung === 1);
    expect(squat?.state).toBe('closed');
    expect(squat?.because).toContainEqual(expect.objectContaining({ caution: 'hip-replacement', demand: 'hip-bend' }));
    expect(told.tests.find((t) => t.test === 'knee-to-chest')?.state).toBe('closed');
  });
  it('closes everything for what it does not know, and nothing for nobody’s caution', () => {
    expect(of({ cautions: [{ caution: 'moon-sickness' }] }).rungs.every((r) => r.state === 'closed')).toBe(true);
    expect(of({ cautions: [], birthYear: 1990 }).rungs.every((r) => r.state === 'open')).toBe(true);
  });
  it('names the side that hurt', () => {
    const told = of({ hurt: [{ log: 'a', pose: 'pigeon', rung: 2, side: 'left', on: '2026-05-03' }] });
    expect(told.rungs.find((r) => r.pose === 'pigeon' && r.rung === 3)?.closedSides).toEqual(['left']);
  });
});

describe('why', () => {
  const MAREN = { student: 'demo-maren', wanted: null, seed: 1 };
  it('tells for each side of a rung what closes it, or by what it falls behind', () => {
    const told = why(record, MAREN, { pose: 'pigeon', rung: 1 }) as { side: string; sentences: string[] }[];
    expect(told.map((t) => t.side).sort()).toEqual(['left', 'right']);
    for (const t of told) expect(t.sentences.join(' ')).toMatch(/hamstrings left/);
  });
  it('answers what is not there', () => {
    expect(fault(() => why(record, MAREN, { pose: 'no-such', rung: 1 })).field).toBe('pose');
    expect(fault(() => why(record, MAREN, { pose: 'pigeon', rung: 9 })).field).toBe('rung');
    expect(fault(() => why(record, MAREN, { pose: 'pigeon', rung: 1, side: 'middle' })).field).toBe('side');
  });
});

describe('csv', () => {
  it('gives the tables of everybody or of one student, and answers what is no table', () => {
    const rows = (text: string) => text.trimEnd().split('\r\n').length - 1;
    expect(rows(csv(record, 'readings', undefined))).toBe(record.readings.length);
    const own = record.readings.filter((r) => r.student === 'demo-maren').length;
    expect(rows(csv(record, 'readings', 'demo-maren'))).toBe(own);
    expect(rows(csv(record, 'students', undefined))).toBe(record.students.length);
    expect(rows(csv(record, 'log', 'demo-maren'))).toBeGreaterThan(5);
    expect(fault(() => csv(record, 'poses', undefined)).field).toBe('table');
    expect(fault(() => csv(record, 'log', 'nobody')).field).toBe('student');
  });
});

describe('ics', () => {
  it('gives the weeks ahead without a name, and answers where none are planned', () => {
    const text = ics(record, 'demo-maren', 1, Date.UTC(2026, 10, 29));
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(24);
    expect(text).toContain('testing again');
    expect(text).not.toMatch(/Maren|hamstrings/);
    const other = record.students.find((s) => !record.plans.some((p) => p.student === s.id));
    expect(fault(() => ics(record, other?.id, 1, 0)).field).toBe('plans');
  });
});
