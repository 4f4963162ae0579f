import { someOf } from '@/core/how-much.fixtures';
import { describe, expect, it } from 'vitest';
import { BATTERY } from '@/core/assessment/battery';
import { MUSCLES } from '@/core/body';
import { LIBRARY, namesOf } from '@/core/poses';
import { entriesOf, findEntries, type Findable } from './entries';

const STUDIO: Findable = {
  students: [
    { id: 'a', name: 'Maren Tideway', archived: false, aim: 'row without a sore hip' },
    { id: 'b', name: 'Øle Bøe', archived: false, aim: '' },
    { id: 'c', name: 'Old Hand', archived: true, aim: '' },
  ],
  practices: [{ id: 'p1', title: 'Before rowing', student: 'a', minutes: 20 }],
  templates: [{ id: 't1', title: 'Low tide hour' }],
  classes: [{ id: 'k1', name: 'Thursday before the flood tide' }],
  open: null,
};
const ALL = entriesOf(STUDIO);
const find = (text: string, open: string | null = null) =>
  findEntries(open ? entriesOf({ ...STUDIO, open }) : ALL, text);
const first = (text: string, open: string | null = null): string => find(text, open)[0]?.key ?? '';

describe('one box for everything', () => {
  it('has one entry of each name, all of them with an address', () => {
    expect(new Set(ALL.map((e) => e.key)).size).toBe(ALL.length);
    for (const e of ALL) expect(e.to, e.key).toMatch(/^$|^\/[a-z]/);
  });
  it('finds every pose by each of its names, and every muscle and test by its own', () => {
    for (const s of someOf(LIBRARY, 60))
      for (const name of namesOf(s))
        expect(
          find(name)
            .filter((e) => e.group === 'Poses')
            .map((e) => e.key),
          name,
        ).toContain(`pose/${s.id}`);
    for (const m of MUSCLES)
      expect(
        find(m.name).map((e) => e.key),
        m.name,
      ).toContain(`muscle/${m.structure}`);
    for (const t of BATTERY)
      expect(
        find(t.clinical, 'a').map((e) => e.key),
        t.clinical,
      ).toContain(`test/${t.id}`);
  });
  it.each([
    ['maren', 'student/a'],
    ['mraen', 'student/a'],
    ['ole boe', 'student/b'],
    ['maren practice', 'student/a/practice'],
    ['before row', 'practice/p1'],
    ['pigeon', 'pose/pigeon'],
    ['pigoen', 'pose/pigeon'],
    ['psoas', 'muscle/psoas'],
    ['thursday', 'class/k1'],
    ['backup', 'do/Save a backup of everything'],
    ['add student', 'do/Add a student'],
  ])('%s leads to %s', (text, key) => {
    expect(first(text)).toBe(key);
  });
  it('offers tests and templates only where a student is open, and hers', () => {
    expect(find('ober').some((e) => e.group === 'Tests')).toBe(false);
    expect(first('ober', 'a')).toBe('test/ober');
    expect(find('ober', 'a')[0].to).toContain('id=a&step=measure&at=ober');
    expect(find('low tide', 'a').map((e) => e.key)).toContain('template/t1');
    expect(find('ober', 'nobody').some((e) => e.group === 'Tests')).toBe(false);
  });
  it('shows who is there and what one can do before anything is typed, and nothing for nonsense', () => {
    const idle = find('');
    expect(new Set(idle.map((e) => e.group))).toEqual(new Set(['Students', 'Do']));
    expect(idle.map((e) => e.key)).not.toContain('student/c');
    expect(find('old hand').map((e) => e.key)).toContain('student/c');
    expect(find('qqqqxyz')).toEqual([]);
    expect(find('!!')).toEqual([]);
  });
  it('keeps each kind short', () => {
    for (const text of ['a', 'e', 'the', 'hip']) {
      const counts = new Map<string, number>();
      for (const e of find(text)) counts.set(e.group, (counts.get(e.group) ?? 0) + 1);
      for (const [group, n] of counts) expect(n, `${text} ${group}`).toBeLessThanOrEqual(6);
    }
  });
});
