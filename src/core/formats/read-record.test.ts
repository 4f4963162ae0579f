import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { publishedStudio } from '@demo/published.fixtures';
import { readRecord } from './read-record';
import { recordSchema, writeRecord, type KolposRecord } from './record';
import { textOf } from './text';
import { amount } from '@/core/how-much.fixtures';

const demo = publishedStudio();
const text = writeRecord(demo);
const changed = (change: (r: KolposRecord) => unknown) => {
  const copy = JSON.parse(text) as KolposRecord;
  return readRecord(JSON.stringify(change(copy) ?? copy));
};
/** What is set aside after a change, without what only goes with its student. */
const aside = (change: (r: KolposRecord) => unknown) => {
  const result = changed(change);
  if (!result.ok) throw new Error(`refused: ${result.problem.field}: ${result.problem.message}`);
  return result.setAside.filter((a) => !a.why.startsWith('Its student was set aside'));
};
const read = (change: (r: KolposRecord) => unknown = () => undefined) => {
  const result = changed(change);
  if (!result.ok) throw new Error(result.problem.message);
  return result;
};

describe('what is no record is refused, with the place', () => {
  it.each<[string, string, string]>([
    ['cut short', text.slice(0, 500), 'line'],
    ['nothing at all', '', 'the file'],
    ['a list', '[]', 'the file'],
    ['another format', '{"format":"shopping/list","version":1}', 'format'],
    ['no students', JSON.stringify({ ...demo, format: 'kolpos/record', version: 5, students: undefined }), 'students'],
    ['students that are no list', text.replace(/"students": \[/, '"students": 3, "x": ['), 'students'],
  ])('%s', (_, content, field) => {
    const result = readRecord(content);
    expect(result.ok).toBe(false);
    if (!result.ok) {
      expect(result.problem.field).toContain(field);
      expect(result.problem.message.length).toBeGreaterThan(10);
    }
  });
  it('a newer version: asks for an update', () => {
    const result = changed((r) => ({ ...r, version: 9 }));
    expect(result).toMatchObject({ ok: false, problem: { field: 'version' } });
    if (!result.ok) expect(result.problem.message).toContain('newer Kolpos');
  });
  it('broken JSON is told with the line at which it breaks, wherever that is', () => {
    const lines = text.split('\n');
    for (let n = 20; n < lines.length - 20; n += Math.floor(lines.length / 60)) {
      const broken = [...lines];
      broken[n] = `${broken[n].slice(0, 4)}@${broken[n].slice(4)}`;
      const result = readRecord(broken.join('\n'));
      // An @ within a text is no mistake of JSON.
      if (!result.ok) expect(result.problem.field).toBe(`line ${n + 1}`);
    }
  });
  it('letters that are not UTF-8 are refused, not guessed', () => {
    expect(textOf(new TextEncoder().encode('Søren'))).toEqual({ ok: true, text: 'Søren' });
    expect(textOf(Uint8Array.from([83, 0xf8, 114]))).toMatchObject({ ok: false });
  });
});

describe('one bad row is set aside, never the file', () => {
  it.each<[string, (r: KolposRecord) => unknown, string, string]>([
    ['a height', (r) => void (r.students[1].height_cm = 17), 'students[1].height_cm', ''],
    ['no name', (r) => void (r.students[0].name = '  '), 'students[0].name', ''],
    ['born after the file', (r) => void (r.students[0].birthYear = 2060), 'students[0].birthYear', 'after'],
    ['older than anybody', (r) => void (r.students[0].birthYear = 1900), 'students[0].birthYear', 'years old'],
    ['a slip of the point', (r) => void (r.students[0].mass_kg = 21), 'students[0].mass_kg', 'does not go with'],
    ['a value no joint reaches', (r) => void (r.readings[3].trials[1] = 400), 'readings[3].trials[1]', 'is possible'],
    ['an endless value', (r) => void (r.readings[3].trials[0] = 1e308), 'readings[3].trials[0]', 'is possible'],
    ['an unknown test', (r) => void (r.readings[3].test = 'head-stand'), 'readings[3].test', 'head-stand'],
    ['an unknown read-out', (r) => void (r.readings[3].readout = 'mood'), 'readings[3].readout', 'mood'],
    ['another unit', (r) => void (r.readings[3].unit = 'reps'), 'readings[3].unit', 'read in'],
    ['a side there is not', (r) => void (r.readings[3].side = 'both'), 'readings[3].side', 'one side'],
    ['after breathing', (r) => void (r.readings[3].afterBreath = -1e9), 'readings[3].afterBreath', 'possible'],
    ['year 1', (r) => void (r.readings[3].takenAt = '0001-01-01T10:00:00Z'), 'readings[3].takenAt', 'year'],
    ['year 2999', (r) => void (r.readings[3].takenAt = '2999-01-01T10:00:00Z'), 'readings[3].takenAt', 'after'],
    [
      'before her birth',
      (r) => r.readings.filter((x) => x.student === 'demo-maren').forEach((x) => (x.takenAt = '1991-01-01T10:00:00Z')),
      'readings[',
      'was born',
    ],
    ['of nobody', (r) => void (r.readings[2].student = 'ghost'), 'readings[2].student', 'ghost'],
    ['an id twice', (r) => void (r.readings[5].id = r.readings[4].id), 'readings[5].id', 'a second time'],
    ['a student twice', (r) => void r.students.push(r.students[0]), 'students[7].id', 'a second time'],
    [
      'an unknown pose',
      (r) => void (r.practices[0].items[1].pose = 'flying-carpet'),
      'practices[0].items[1].pose',
      'carpet',
    ],
    ['rung 9', (r) => void (r.practices[0].items[1].rung = 9), 'practices[0].items[1].rung', 'rung'],
    [
      'an item twice',
      (r) => void (r.practices[0].items[1].id = r.practices[0].items[0].id),
      'practices[0].items[1].id',
      'a second time',
    ],
    ['a day that is none', (r) => void (r.practices[0].createdAt = 'Tuesday'), 'practices[0].createdAt', ''],
    ['a muscle there is not', (r) => void (r.practices[0].aims[0].group = 'banana'), 'practices[0].aims[0].group', ''],
    [
      'a log that ends before it begins',
      (r) => void (r.logs[0].endedAt = '2001-01-01T10:00:00Z'),
      'logs[0].endedAt',
      'ends before',
    ],
    ['a lesson to come', (r) => void (r.logs[0].startedAt = '2095-01-01T10:00:00Z'), 'logs[0].startedAt', 'after'],
    ['a log of an unknown pose', (r) => void (r.logs[0].items[0].pose = 'x'), 'logs[0].items[0].pose', 'no pose'],
    ['two plans', (r) => void r.plans.push({ ...r.plans[0] }), 'plans[1].student', 'already'],
    ['a plan of the year 2999', (r) => void (r.plans[0].start = '2999-01-01'), 'plans[0].start', 'ahead'],
    [
      'a student twice in a class',
      (r) => void r.classes[0].students.push(r.classes[0].students[0]),
      'classes[0].students[3]',
      'second',
    ],
    ['somebody else in a class', (r) => void r.classes[0].students.push('ghost'), 'classes[0].students[3]', 'ghost'],
    [
      'a class too large',
      (r) => void (r.classes[0].students = Array.from({ length: 40 }, () => r.students[0].id)),
      'classes[0].students',
      '',
    ],
    [
      'weeks of a class in the year 2999',
      (r) => void (r.classes[0].weeks = { start: '2999-01-01', weeks: 4, day: 4, themes: {} }),
      'classes[0].weeks.start',
      'without its weeks',
    ],
    ['a class twice', (r) => void r.classes.push(r.classes[0]), 'classes[1].id', 'a second time'],
    ['a template without an item', (r) => void (r.templates[0].items = []), 'templates[0].items', 'needs an item'],
    ['own poses instead of each other', (r) => void (r.poses[0].instead = r.poses[0].id), 'poses[0].instead', 'back'],
    ['a setting that is no text', (r) => ({ ...r, settings: { voice: { loud: true } } }), 'settings.voice', ''],
    [
      'a day that the moment cannot have had',
      (r) => void (r.readings[2].day = '1999-01-01'),
      'readings[2].day',
      'nowhere the day',
    ],
    [
      'a word on a muscle there is not',
      (r) => void (r.students[0].aimChoices = [{ group: 'banana', side: 'left', kind: 'leave', weight: 1 }]),
      'students[0].aimChoices[0].group',
      'banana',
    ],
    ['a file of the year 2999', (r) => ({ ...r, exportedAt: '2999-01-01T00:00:00Z' }), 'exportedAt', 'year'],
    [
      'changed after the file',
      (r) => void (r.students[0].updatedAt = '2099-01-01T00:00:00Z'),
      'students[0].updatedAt',
      '',
    ],
  ])('%s', (_, change, where, why) => {
    const rows = aside(change);
    expect(rows.length).toBeGreaterThan(0);
    expect(rows[0].where.startsWith(where)).toBe(true);
    expect(rows[0].why).toContain(why);
    expect(rows[0].why.length).toBeGreaterThan(10);
  });
  it('and everything else stands as it stood', () => {
    const { record } = read((r) => void (r.readings[3].trials[0] = 400));
    const [lost] = JSON.parse(text).readings.slice(3, 4) as KolposRecord['readings'];
    expect(record.readings.map((r) => r.id)).toEqual(
      (JSON.parse(text) as KolposRecord).readings.map((r) => r.id).filter((id) => id !== lost.id),
    );
    expect(record.students).toHaveLength(demo.students.length);
  });
  it('what belongs to a student who is set aside goes with her, and says so', () => {
    const original = JSON.parse(text) as KolposRecord;
    const [id] = original.classes[0].students;
    const at = original.students.findIndex((s) => s.id === id);
    const { record, setAside } = read((r) => void (r.students[at].height_cm = 17));
    expect(record.readings.some((r) => r.student === id)).toBe(false);
    expect(setAside.filter((a) => a.why.includes(`(students[${at}])`)).length).toBeGreaterThan(3);
    expect(record.classes[0].students).not.toContain(id);
  });
  it('an aim may name a structure as well as a group', () =>
    expect(
      aside(
        (r) =>
          void (r.practices[0].aims = ['psoas', 'deep-hip-flexor', 'vasti'].map((group) => ({
            kind: 'lengthen',
            group,
            side: 'left',
            weight: 1,
          }))),
      ),
    ).toEqual([]));
  it('a demo studio has nothing to set aside', () => expect(read().setAside).toEqual([]));
});

describe('what opens something fails closed', () => {
  it('a caution whose end cannot be stands', () => {
    const { record } = read((r) => void (r.students[0].cautions = [{ caution: 'disc', until: '0001-01-01' }]));
    expect(record.students[0].cautions).toEqual([{ caution: 'disc' }]);
  });
  it('a caution cleared on a day to come stands', () => {
    const cleared = { by: 'her GP', on: '2999-01-01' };
    const { record, setAside } = read((r) => void (r.students[0].cautions = [{ caution: 'disc', cleared }]));
    expect(record.students[0].cautions[0].cleared).toBeUndefined();
    expect(setAside[0].where).toBe('students[0].cautions[0].cleared.on');
  });
  it('pain in a lesson whose days cannot be is remembered all the same', () => {
    const { record } = read((r) => {
      const [log] = r.logs;
      log.endedAt = '2001-01-01T10:00:00Z';
      log.items[0] = { ...log.items[0], stopped: true };
      r.students = r.students.map((s) => ({ ...s, hurt: undefined }));
    });
    const [log] = (JSON.parse(text) as KolposRecord).logs;
    expect(record.logs.some((l) => l.id === log.id)).toBe(false);
    expect(record.students.find((s) => s.id === log.student)?.hurt).toMatchObject([
      { log: log.id, pose: log.items[0].pose },
    ]);
  });
  it('questions answered in a year to come are asked again', () => {
    const { record } = read((r) => {
      const { redFlags } = r.students[0];
      if (redFlags) redFlags.on = '2999-01-01';
    });
    expect(demo.students[0].redFlags).toBeDefined();
    expect(record.students[0].redFlags).toBeUndefined();
  });
  it('a pose that hurt stays closed, whatever its day', () => {
    const { record } = read(
      (r) =>
        void (r.students[0].hurt = [
          {
            log: 'x',
            pose: 'pigeon',
            rung: 1,
            side: 'left',
            on: '2999-01-01',
            cleared: { word: 'fine', on: '2999-01-02' },
          },
        ]),
    );
    const hurt = record.students[0].hurt?.find((h) => h.log === 'x');
    expect(hurt).toMatchObject({ pose: 'pigeon' });
    expect(hurt?.cleared).toBeUndefined();
  });
});

describe('the digest of a file', () => {
  it('matches what was written, whatever the spaces', () => {
    const first = readRecord(text);
    expect(first.ok && first.digest).toBe('matches');
    expect(read().digest).toBe('matches');
  });
  it('differs where a letter was changed that is sound by itself', () =>
    expect(read((r) => void (r.students[0].name = `${r.students[0].name}e`)).digest).toBe('differs'));
  it('is not asked of older files', () => {
    const result = changed((r) => ({ ...r, digest: undefined }));
    expect(result.ok && result.digest).toBe('none');
  });
  it('finds every single bit that changed what is inside', () => {
    const bytes = new TextEncoder().encode(text);
    fc.assert(
      fc.property(fc.nat(bytes.length - 1), fc.nat(6), (at, bit) => {
        const flipped = Uint8Array.from(bytes);
        flipped[at] ^= 1 << bit;
        const file = textOf(flipped);
        const result = file.ok ? readRecord(file.text) : file;
        if (result.ok && result.digest === 'matches')
          // Only what lies between the words of JSON may differ.
          expect(writeRecord(result.record)).toBe(text);
      }),
      { numRuns: 120 },
    );
  });
});

describe('damaged files', () => {
  it('never throw, and never come out as something that does not fit the schema', () => {
    fc.assert(
      fc.property(
        fc.nat(text.length - 1),
        fc.nat(40),
        fc.oneof(
          fc.constant(''),
          fc.string({ maxLength: 12 }),
          fc.constantFrom('null', '-1', '1e999', '"', '{', '[]', ','),
        ),
        (at, cut, put) => {
          const damaged = text.slice(0, at) + put + text.slice(at + cut);
          const result = readRecord(damaged);
          if (result.ok) expect(recordSchema.safeParse(result.record).success).toBe(true);
          else {
            expect(result.problem.field.length).toBeGreaterThan(0);
            expect(result.problem.message.length).toBeGreaterThan(0);
          }
        },
      ),
      { numRuns: amount(300, 5000) },
    );
  });
  it('name the place when a value is replaced by nonsense', () => {
    const flat: (string | number)[][] = [];
    const walk = (value: unknown, path: (string | number)[]) => {
      if (Array.isArray(value)) value.slice(0, 3).forEach((v, i) => walk(v, [...path, i]));
      else if (value && typeof value === 'object') Object.entries(value).forEach(([k, v]) => walk(v, [...path, k]));
      else flat.push(path);
    };
    walk(JSON.parse(text), []);
    fc.assert(
      fc.property(fc.constantFrom(...flat), (path) => {
        const copy = JSON.parse(text) as Record<string, unknown>;
        let at: Record<string | number, unknown> = copy;
        for (const step of path.slice(0, -1)) at = at[step] as Record<string | number, unknown>;
        at[path[path.length - 1]] = { nonsense: true };
        const result = readRecord(JSON.stringify(copy));
        const place = result.ok ? result.setAside[0]?.where : result.problem.field;
        expect(place).toContain(String(path[0]));
      }),
      { numRuns: amount(100, 500) },
    );
  });
});
