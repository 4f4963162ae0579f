import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { amount } from '@/core/how-much.fixtures';
import type { Reading } from '@/core/assessment/reading';
import { lengthenItem, noteBlock } from '@/core/practice/edit';
import type { Practice, PracticeItem } from '@/core/practice/practice';
import type { Student } from '@/core/students/student';
import type { Visit } from '@/core/visits/visit';
import { changeStudent, keepReadings, replaceReadings, tellCaution, type Change } from './changes';
import { changePractice, removeTemplate, saveTemplate, stepPractice } from './edits';
import { LaterChanges } from './saved-row';
import { StudioDatabase } from './studio';
import { changeVisit, saveVisits } from './visits';

/**
 * Two tabs that edit the same studio in any order, also at the same moment, with undo: whatever was acknowledged and
 * not taken back is there at the end. The model is a list of what was acknowledged; edits that add to each other are
 * counted, fields of which one value wins may hold that of any edit that no later one replaced.
 */

const AT = '2026-11-30T08:00:00.000Z';
const TABS = [0, 1] as const;
const FIELDS = ['name', 'aim', 'activity'] as const;
const BREATHS = 3;

const student = { id: 's', name: '', aim: '', activity: '', cautions: [], complaints: [] } as unknown as Student;
const item = (id: string, pose: string): PracticeItem => ({
  id,
  pose,
  rung: 1,
  side: 'both',
  holdSeconds: 6 * BREATHS,
  breaths: BREATHS,
  repeats: 1,
  phase: 'approach',
  because: [],
});
const practice: Practice = {
  id: 'p',
  student: 's',
  title: 'Slip',
  minutes: 20,
  items: [item('shared', 'mountain'), item('tab-0', 'dog'), item('tab-1', 'cobra')],
  aims: [],
  createdAt: AT,
  updatedAt: AT,
};
const reading = (id: string, value: number): Reading =>
  ({
    id,
    student: 's',
    test: 'straight-leg-raise',
    readout: 'hip-flexion',
    side: 'left',
    trials: [value],
    takenAt: AT,
  }) as unknown as Reading;
const visit = (id: string): Visit => ({
  id,
  student: 's',
  day: '2026-11-30',
  minutes: 60,
  createdAt: AT,
  updatedAt: AT,
});

/**
 * One edit: what is done, in which tab, whether it begins before the one before it has ended, and whether it is taken
 * back.
 */
const edit = fc.record({
  tab: fc.constantFrom(...TABS),
  at: fc.constantFrom(
    'longer',
    'note',
    'field',
    'caution',
    'reading',
    'correct',
    'visit',
    'came',
    'template',
    'step' as const,
  ),
  field: fc.constantFrom(...FIELDS),
  together: fc.boolean(),
  undone: fc.integer({ min: 0, max: 3 }).map((n) => n === 0),
});
type Edit = typeof edit extends fc.Arbitrary<infer T> ? T : never;

/** A value that was written somewhere, by when. */
interface Written {
  place: string;
  value: unknown;
  began: number;
  ended: number;
}

async function play(edits: readonly Edit[]): Promise<void> {
  await new StudioDatabase('studio').delete();
  const tabs = TABS.map(() => new StudioDatabase('studio'));
  await tabs[0].students.put(student);
  await tabs[0].practices.put(practice);
  await tabs[0].readings.put(reading('corrected', 0));
  await tabs[0].visits.put(visit('shared'));
  let clock = 0,
    longer = 0;
  let stepped = false;
  const there = new Set<string>(),
    gone = new Set<string>();
  const written: Written[] = [];
  const one = async (e: Edit, k: number): Promise<void> => {
    const db = tabs[e.tab];
    const began = clock++;
    const wrote = (place: string, value: unknown) => written.push({ place, value, began, ended: clock++ });
    /** True where the edit was taken back. */
    const undo = async (change: Change): Promise<boolean> => {
      if (!e.undone) return false;
      try {
        await change.undo();
        return true;
      } catch (error) {
        if (error instanceof LaterChanges) return false;
        throw error;
      }
    };
    switch (e.at) {
      case 'longer': {
        const made = await changePractice(
          db,
          'p',
          (p) => ({ ...p, items: lengthenItem(p.items, 'shared', 1, 6) }),
          'longer',
        );
        if (!(await undo(made))) longer += 1;
        return;
      }
      case 'note':
        await changePractice(
          db,
          'p',
          (p) => ({ ...p, items: noteBlock(p.items, `tab-${e.tab}`, `note ${k}`) }),
          'note',
        );
        wrote(`note tab-${e.tab}`, `note ${k}`);
        return;
      case 'field':
        await changeStudent(db, 's', { [e.field]: `${e.field} ${k}` });
        wrote(e.field, `${e.field} ${k}`);
        return;
      case 'caution':
        await tellCaution(db, 's', { caution: `caution-${k}` }, '2026-11-30');
        there.add(`caution-${k}`);
        return;
      case 'reading': {
        const made = await keepReadings(db, [reading(`reading-${k}`, k)], 'draft');
        ((await undo(made)) ? gone : there).add(`reading-${k}`);
        return;
      }
      case 'correct': {
        const made = await replaceReadings(db, [reading('corrected', k + 1)]);
        if (!(await undo(made))) wrote('corrected', k + 1);
        return;
      }
      case 'visit': {
        const made = await saveVisits(db, [visit(`visit-${k}`)]);
        ((await undo(made)) ? gone : there).add(`visit-${k}`);
        return;
      }
      case 'came':
        await changeVisit(db, 'shared', e.tab ? { minutes: 60 + k } : { at: `1${k % 10}:00` });
        wrote(e.tab ? 'minutes' : 'at', e.tab ? 60 + k : `1${k % 10}:00`);
        return;
      case 'template': {
        const { title, minutes, items, aims } = practice;
        await saveTemplate(db, { id: `template-${k}`, title, minutes, items, aims, createdAt: AT, updatedAt: AT });
        if (e.undone) await removeTemplate(db, `template-${k}`);
        (e.undone ? gone : there).add(`template-${k}`);
        return;
      }
      case 'step':
        // Back and forward again; what was undone may come back by it, and what comes between may keep it from going
        // forward.
        if (await stepPractice(db, 'p', -1)) stepped = true;
        if (await stepPractice(db, 'p', 1)) stepped = true;
    }
  };
  let under: Promise<void>[] = [];
  for (const [k, e] of edits.entries()) {
    if (!e.together) {
      await Promise.all(under);
      under = [];
    }
    under.push(one(e, k));
  }
  await Promise.all(under);

  for (const db of tabs) {
    const [s, p, mark] = [await db.students.get('s'), await db.practices.get('p'), await db.editMarks.get('p')];
    const ids = new Set([
      ...(await db.readings.toCollection().primaryKeys()),
      ...(await db.visits.toCollection().primaryKeys()),
      ...(await db.templates.toCollection().primaryKeys()),
      ...(s?.cautions.map((c) => c.caution) ?? []),
    ] as string[]);
    expect([...there].filter((id) => !ids.has(id))).toEqual([]);
    expect([...gone].filter((id) => ids.has(id))).toEqual([]);
    // A practice is what its last edit made of it.
    if (mark) {
      const last = await db.edits.get(['p', mark.at]);
      expect(p?.items).toEqual(last?.state.items);
    }
    if (!stepped) expect(p?.items[0].breaths).toBe(BREATHS + longer);
    const shared = await db.visits.get('shared');
    const found: Readonly<Record<string, unknown>> = {
      name: s?.name,
      aim: s?.aim,
      activity: s?.activity,
      corrected: (await db.readings.get('corrected'))?.trials[0],
      minutes: shared?.minutes,
      at: shared?.at,
      ...(!stepped && { 'note tab-0': p?.items[1].note, 'note tab-1': p?.items[2].note }),
    };
    for (const [place, value] of Object.entries(found)) {
      const own = written.filter((w) => w.place === place);
      const last = own.filter((w) => !own.some((x) => x.began > w.ended));
      if (last.length > 0)
        expect(
          last.map((w) => w.value),
          place,
        ).toContain(value);
    }
  }
  for (const db of tabs) db.close();
}

describe('two tabs in any order', () => {
  it('lose nothing that was acknowledged and not taken back', () =>
    fc.assert(fc.asyncProperty(fc.array(edit, { minLength: 2, maxLength: 14 }), play), { numRuns: amount(60, 300) }));
});
