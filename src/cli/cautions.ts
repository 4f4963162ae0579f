import { BATTERY } from '@/core/assessment/battery';
import { lockOf, openSides, verdictOfTest } from '@/core/assessment/locks';
import { ruleSentences } from '@/core/cautions/rules';
import { screenOf, verdictOf, type Screening } from '@/core/cautions/screen';
import type { KolposRecord } from '@/core/formats/record';
import { SIDES, type Side } from '@/core/body';
import type { TestDefinition } from '@/core/assessment/definition';
import { demandsOf, hurtBefore, isSided, LIBRARY, verdictOfRung, type Shape } from '@/core/poses';
import { studentOf } from './commands';
import { toldVerdict } from './told';

/**
 * Sides that are closed because the rung hurt there, or by a caution that leaves the other one open; nothing where none
 * is.
 */
function closedSides(screening: Screening, shape: Shape, rung: number): { closedSides?: Side[] } {
  const closed = SIDES.filter((side) => verdictOfRung(screening, shape, rung, side).state === 'closed');
  const hurt = SIDES.filter((side) => hurtBefore(screening, shape, rung, side) !== null);
  const sides = closed.length < SIDES.length ? closed : hurt;
  return sides.length > 0 ? { closedSides: sides } : {};
}

/** Sides of a test that are closed while the other is open; nothing where none is. */
function closedSidesOfTest(screening: Screening, test: TestDefinition): { closedSides?: Side[] } {
  const open = openSides(screening, test);
  return test.sided && open.length === 1 ? { closedSides: SIDES.filter((s) => !open.includes(s)) } : {};
}

/** What a student's cautions leave of every rung and every test, each with the demand of the caution that did it. */
export function cautions(record: KolposRecord, id: string | undefined): unknown {
  const student = studentOf(record, id);
  const day = new Date().toLocaleDateString('sv');
  const screening = screenOf(student, day);
  return {
    student: student.id,
    day,
    level: screening.level,
    cautions: screening.cautions.map((c) => ({
      id: c.id,
      level: c.level,
      name: c.name,
      message: c.message,
      does: ruleSentences(c.rules),
      stop: c.stop,
      see: c.see,
    })),
    hurt: screening.hurt,
    rungs: LIBRARY.flatMap((shape) =>
      shape.rungs.map((rung, i) => ({
        pose: shape.id,
        rung: i + 1,
        name: `${shape.name}: ${rung.name}`,
        ...toldVerdict(verdictOf(screening, demandsOf(shape, rung))),
        ...(isSided(shape, rung) && closedSides(screening, shape, i + 1)),
      })),
    ),
    tests: BATTERY.map((test) => ({
      test: test.id,
      name: test.name,
      ...toldVerdict(verdictOfTest(screening, test)),
      ...closedSidesOfTest(screening, test),
      otherWays: lockOf(screening, test)?.open.map((v) => v.id) ?? [],
    })),
  };
}
