import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { screen } from '@/core/cautions/screen';
import { rungOf, verdictOfRung } from '@/core/poses';
import { blocksOf } from '@/core/practice/blocks';
import { buildPractice } from '@/core/practice/build';
import { dosesOf } from '@/core/practice/doses';
import type { PracticeItem } from '@/core/practice/practice';
import { ranked } from '@/core/practice/practices.fixtures';
import { requestOf } from '@/core/practice/request';
import { without } from '@/core/practice/without';
import type { LogEntry, LogItem } from '@/core/teaching/log';
import { adapt } from './adapt';
import { asWritten } from '@/core/languages/as-written';
import { sayIn } from '@/core/languages/catalogues';
import { adaptationWords, draftMessage, heldSentence, missedSentence, timesSentence } from './adapt-words';
import { AIMS, practiceOf } from './home.fixtures';

const FREE = ranked(AIMS);
const { items } = await buildPractice(FREE, AIMS, requestOf({ minutes: 30 }));
const practice = practiceOf(items);
let n = 0;
const newId = (): string => `n${++n}`;

/** A time at home, `k` days after the practice was made. */
const log = (k: number, how: (i: PracticeItem) => Partial<LogItem> = () => ({})): LogEntry => ({
  id: `l${k}`,
  student: 'hazel',
  practice: 'p1',
  title: 'At home',
  startedAt: `2026-11-${String(k + 1).padStart(2, '0')}T18:00:00.000Z`,
  endedAt: `2026-11-${String(k + 1).padStart(2, '0')}T18:30:00.000Z`,
  source: 'home',
  note: '',
  items: items.map((i) => ({
    pose: i.pose,
    rung: i.rung,
    side: i.side,
    plannedSeconds: i.holdSeconds * i.repeats,
    doneSeconds: i.holdSeconds * i.repeats,
    skipped: false,
    ...how(i),
  })),
});
const work = blocksOf(items).filter(
  (b) => b.phase !== 'rest' && b.phase !== 'settle' && rungOf(b.pose, b.rung)?.rung.kind === 'stretch',
);
const [target] = work;
const only = (how: Partial<LogItem>) => (i: PracticeItem) =>
  i.pose === target.pose && i.rung === target.rung ? how : {};

describe('what came back', () => {
  it('leaves the practice as it is where nothing was done at home, or nothing was said', () => {
    expect(adapt(practice, [], FREE, 6, newId)).toEqual({ items, changes: [], held: [] });
    expect(adapt(practice, [log(3), log(5)], FREE, 6, newId).changes).toEqual([]);
    const lesson = without(log(3, only({ strength: 9 })), 'source');
    expect(adapt(practice, [lesson], FREE, 6, newId).changes).toEqual([]);
    expect(
      adapt({ ...practice, homeSeenAt: '2026-12-01T00:00:00.000Z' }, [log(3, only({ strength: 9 }))], FREE, 6, newId)
        .changes,
    ).toEqual([]);
  });
  it('makes milder or shorter what was too strong, and says so', () => {
    const { items: now, changes } = adapt(practice, [log(3, only({ strength: 8 }))], FREE, 6, newId);
    const [change] = changes;
    expect(changes).toHaveLength(1);
    expect(['milder', 'shorter']).toContain(change.kind);
    expect(now).not.toEqual(items);
    expect(adaptationWords(change)).toMatch(/too strong/);
  });
  it('makes more of what was light twice and done in full: a breath, or the next rung', () => {
    const light = (i: PracticeItem): Partial<LogItem> => (work.some((b) => b.pose === i.pose) ? { strength: 2 } : {});
    const { changes, items: now } = adapt(practice, [log(3, light), log(5, light)], FREE, 6, newId);
    expect(changes.length).toBeGreaterThan(0);
    expect(changes.length).toBeLessThanOrEqual(2);
    for (const c of changes) expect(['longer', 'next']).toContain(c.kind);
    expect(now).not.toEqual(items);
  });
  it('asks for nothing more after a pain, after too much, or after one time', () => {
    const light = (i: PracticeItem): Partial<LogItem> => (work.some((b) => b.pose === i.pose) ? { strength: 2 } : {});
    const [hurting] = work.slice(-1);
    const pain = (i: PracticeItem): Partial<LogItem> =>
      i.pose === hurting.pose ? { stopped: true, pain: 'sharp', doneSeconds: 5 } : light(i);
    const grown = (logs: LogEntry[]) =>
      adapt(practice, logs, FREE, 6, newId).changes.filter((c) => c.kind === 'longer' || c.kind === 'next');
    expect(grown([log(3, light)])).toEqual([]);
    expect(grown([log(3, light), log(5, pain)])).toEqual([]);
    const after = adapt(practice, [log(3, light), log(5, pain)], FREE, 6, newId);
    expect(after.changes).toContainEqual({ kind: 'hurt', pose: hurting.pose, rung: hurting.rung });
    expect(heldSentence(after.held)).toMatch(/something hurt/);
  });
  it('asks why a shape was left out twice', () => {
    const out = only({ skipped: true, doneSeconds: 0 });
    expect(adapt(practice, [log(3, out), log(5, out)], FREE, 6, newId).changes).toEqual([
      { kind: 'skipped', pose: target.pose, rung: target.rung },
    ]);
  });
  it('keeps the rules of holds, doses and cautions, whatever came back', () => {
    const under = 'groin-pinch';
    const s = screen([{ caution: under }], '');
    const lists = [FREE, ranked(AIMS, under)];
    const how = fc.record({
      strength: fc.option(fc.integer({ min: 0, max: 10 }), { nil: undefined }),
      share: fc.constantFrom(0, 0.5, 1),
      stopped: fc.boolean(),
    });
    fc.assert(
      fc.property(
        fc.constantFrom(0, 1),
        fc.array(fc.array(how, { minLength: 40, maxLength: 40 }), { minLength: 1, maxLength: 3 }),
        (which, times) => {
          const logs = times.map((told, k) =>
            log(3 + k, (i) => {
              const { strength, share, stopped } = told[items.indexOf(i) % told.length];
              return {
                ...(strength !== undefined && { strength }),
                doneSeconds: share * i.holdSeconds * i.repeats,
                skipped: share === 0,
                ...(stopped && share < 1 && { stopped }),
              };
            }),
          );
          const { items: now, changes } = adapt(practice, logs, lists[which], 6, newId);
          expect(new Set(now.map((i) => i.id)).size).toBe(now.length);
          const before = new Map(items.map((i) => [i.id, i]));
          for (const i of now) {
            const old = before.get(i.id);
            if (old && old.holdSeconds === i.holdSeconds) continue;
            const found = rungOf(i.pose, i.rung);
            if (!found) throw new Error(i.pose);
            // What was changed is within what its rung is held for, and open.
            expect(i.holdSeconds).toBeLessThanOrEqual(Math.max(found.rung.hold[1], old?.holdSeconds ?? 0) + 3);
            if (which === 1 && !old) expect(verdictOfRung(s, found.shape, i.rung, i.side).state).not.toBe('closed');
          }
          const most = (list: readonly PracticeItem[]) =>
            Math.max(0, ...dosesOf(list, AIMS, lists[which]).map((d) => d.minutes / d.wanted));
          if (changes.some((c) => c.kind === 'longer' || c.kind === 'next'))
            expect(most(now)).toBeLessThanOrEqual(Math.max(1.5, most(items)) + 1e-9);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('what is said of it', () => {
  it('is plain', () => {
    expect(timesSentence([log(1)], null)).toBe('Once at home since the practice was made.');
    expect(timesSentence([log(1), log(2)], 4)).toBe('Twice at home, of 4 planned days.');
    expect(missedSentence(1, 6)).toMatch(/less than half/);
    expect([missedSentence(3, 6), missedSentence(1, 3), missedSentence(1, null)]).toEqual(['', '', '']);
    const { pose, rung } = target;
    const what = { name: 'Hazel', times: 2, changes: [{ kind: 'hurt' as const, pose, rung }], days: ['2026-12-01'] };
    const words = draftMessage(what, 'en', asWritten);
    expect(words).toMatch(/^Dear Hazel, thank you for practising 2 times\. Please leave .* alone/);
    // In the language of the student, whatever the teacher's is.
    const german = draftMessage(what, 'de', sayIn('de'));
    expect(german).toMatch(/^Hazel, danke, dass du 2 Mal geübt hast\. Bitte lass .* weg/);
    expect(german).toMatch(/Dienstag, 1\. Dezember\.$/);
  });
});
