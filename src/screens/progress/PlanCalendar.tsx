'use client';
import { say } from '@/core/languages/spoken';
import { useMemo } from 'react';
import type { Plan, PlannedDay } from '@/core/progress/plan';
import { MarkedCalendar, type DayMark } from '../charts/MarkedCalendar';

/** A dot to come, a tick done, a stroke missed, and a word where tests are due. */
function markOf(day: PlannedDay): DayMark {
  const [sign, told] =
    day.mark === 'done'
      ? ['✓', say(', done')]
      : day.mark === 'missed'
        ? ['–', say(', missed')]
        : ['•', say(', practice')];
  const again = day.retest.length > 0;
  return {
    sign: again ? say('{{sign}} test', { sign }) : sign,
    told: again ? say('{{told}}, test again', { told }) : told,
  };
}

/** The months of a plan, to choose a day in. */
export function PlanCalendar({
  plan,
  chosen,
  onChoose,
}: {
  plan: Plan;
  chosen: string;
  onChoose: (day: string) => void;
}) {
  'use memo';
  const marks = useMemo(() => new Map(plan.days.map((d) => [d.day, markOf(d)])), [plan]);
  return <MarkedCalendar marks={marks} chosen={chosen} onChoose={onChoose} />;
}
