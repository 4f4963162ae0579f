import { daysBetween } from '@/core/day-count';
import type { AimsOf } from '@/core/aims/for-student';
import type { Findings } from '@/core/inference';
import type { Aim } from '@/core/students/student';
import { readoutOf } from '@/core/assessment/battery';
import { together, type ReadingChange, type Together } from './change';
import { doneFor, type DoneDose } from './dose';
import { stuck, whyNoChange, type NoChangeReason } from './no-change';
import { tellsOf } from './retest';

/** What came of an aim between two rounds. */
export interface AimVerdict {
  aim: Aim;
  /** Its readings taken together. */
  all: Together;
  /** What was done for it since, where that is known. */
  done: DoneDose | null;
  /** Minutes of stretch that its week's dose asked for in that time; null where it is not lengthened. */
  asked: number | null;
  /** Why nothing moved; empty where something did, or where it is too early to say. */
  why: NoChangeReason[];
}

/** Verdicts on all aims that were tested twice. @param from day of the first round @param to the day it is */
export function aimVerdicts(
  changes: readonly ReadingChange[],
  aimed: Pick<AimsOf, 'work' | 'standing'>,
  done: readonly DoneDose[] | null,
  findings: Pick<Findings, 'movements' | 'hints'> | null,
  { from, to }: { from: string; to: string },
): AimVerdict[] {
  const weeks = Math.max(1, daysBetween(from, to) / 7);
  return aimed.work.flatMap((aim): AimVerdict[] => {
    const own = aim.kind === 'leave' ? [] : changes.filter((c) => tellsOf(c, aim));
    const all = together(own);
    if (!all) return [];
    const dose = (done && doneFor(done, aim)) ?? null;
    const week = aimed.standing.find((s) => s.group === aim.group && s.side === aim.side)?.dose.stretch;
    const asked = week && aim.kind === 'lengthen' ? week.minutesPerWeek * weeks : null;
    const limiters = own.flatMap((c) => {
      const movement = readoutOf(c.test, c.readout)?.movement;
      const found = findings?.movements.find((m) => m.movement === movement && m.side === aim.side);
      return found?.limiters.slice(0, 1).map((l) => l.group) ?? [];
    });
    const why = stuck(own)
      ? whyNoChange(
          aim,
          dose && asked !== null ? { done: dose.minutes, wanted: asked } : null,
          limiters,
          findings?.hints ?? [],
        )
      : [];
    return [{ aim, all, done: dose, asked, why }];
  });
}
