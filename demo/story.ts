import type { Reading } from '@/core/assessment/reading';
import { setSeconds, type Practice } from '@/core/practice/practice';
import { taughtOrder } from '@/core/practice/taught-order';
import type { PlanChoice } from '@/core/progress/plan';
import type { LogEntry } from '@/core/teaching/log';
import type { Visit } from '@/core/visits/visit';

/** What happened in the demo studio: the first round, lessons between the two, weeks ahead, and who came. */

/** Day of the first round, six weeks before the second. */
export const FIRST_ROUND = '2026-10-07T16:30:00.000Z';

/** What some readings were then, against now, in their own unit: further, hardly, and none at all. */
const THEN: Readonly<Record<string, number>> = {
  'straight-leg-raise/hip-flexion/left': -14,
  'straight-leg-raise/hip-flexion/right': -3,
  'knee-extension-90-90/missing-extension/left': 11,
  'modified-thomas/hip-extension/left': -2,
};

/** The first round of a student who was tested twice: some of her readings as they were then. */
export function firstRound(now: readonly Reading[]): Reading[] {
  return now.flatMap((r) => {
    const by = THEN[`${r.test}/${r.readout}/${r.side}`];
    return by === undefined
      ? []
      : [{ ...r, id: `${r.id}-first`, trials: r.trials.map((t) => t + by), takenAt: FIRST_ROUND }];
  });
}

/** Practices that were taught between the two rounds, as far as each got. */
export function taughtBefore(practice: Practice): LogEntry[] {
  return ['2026-10-12', '2026-10-15', '2026-10-19', '2026-10-26', '2026-11-02', '2026-11-05'].map((day, k) => ({
    id: `demo-log-${k}`,
    student: practice.student,
    practice: practice.id,
    title: practice.title,
    startedAt: `${day}T06:30:00.000Z`,
    endedAt: `${day}T06:51:00.000Z`,
    items: taughtOrder(practice.items).map((i, n) => ({
      pose: i.pose,
      rung: i.rung,
      side: i.side,
      ...(i.set && { set: i.set }),
      plannedSeconds: setSeconds(i),
      doneSeconds: Math.round(setSeconds(i) * (n % 4 === k % 4 ? 0.7 : 1)),
      skipped: false,
    })),
    note: k === 5 ? 'Calm on the slip; the left leg let go sooner than last week.' : '',
  }));
}

/** Weeks ahead of the rower: three mornings a week. */
export const planOfMaren = (): PlanChoice => ({
  student: 'demo-maren',
  start: '2026-11-16',
  weeks: 8,
  days: [1, 3, 6],
  minutes: 20,
  marks: { '2026-11-16': 'done', '2026-11-18': 'missed' },
  moved: {},
});

/**
 * Three weeks of the day book: two who come each week, the class, and one who could not. What became of a visit is told
 * up to the day of the record, a Friday: whoever opens the demo sees nothing of tomorrow.
 */
export function visitsOfDemo(): Visit[] {
  const visit = (
    id: string,
    [day, at, minutes]: readonly [string, string, number],
    who: Pick<Visit, 'student' | 'class'>,
    became?: Visit['became'],
  ): Visit => ({
    id: `demo-visit-${id}`,
    ...who,
    day,
    at,
    minutes,
    ...(became && { became }),
    createdAt: FIRST_ROUND,
    updatedAt: FIRST_ROUND,
  });
  const maren = { student: 'demo-maren' },
    ilka = { student: 'demo-ilka' },
    thursday = { class: 'demo-class' };
  return [
    visit('m1', ['2026-11-16', '10:00', 60], maren, 'came'),
    visit('m2', ['2026-11-23', '10:00', 60], maren),
    visit('m3', ['2026-11-30', '10:00', 60], maren),
    visit('i0', ['2026-11-11', '18:30', 45], ilka, 'missed'),
    visit('i1', ['2026-11-18', '18:30', 45], ilka, 'came'),
    visit('i2', ['2026-11-25', '18:30', 45], ilka),
    visit('i3', ['2026-12-02', '18:30', 45], ilka),
    visit('c0', ['2026-11-12', '07:15', 60], thursday, 'off'),
    visit('c1', ['2026-11-19', '07:15', 60], thursday, 'came'),
    visit('c2', ['2026-11-26', '07:15', 60], thursday),
    visit('c3', ['2026-12-03', '07:15', 60], thursday),
  ];
}
