'use client';
import { say } from '@/core/languages/spoken';
import { firstName } from '@/core/students/called';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import type { AimsOf } from '@/core/aims/for-student';
import type { FitWay } from '@/core/fit/way';
import type { Inference } from '@/core/inference';
import { buildOfStudent, type Student } from '@/core/students/student';
import { shapeById } from '@/core/poses';
import { peakGap } from '@/core/practice/peak';
import { peakLadder } from '@/core/practice/peak-ladder';
import { aimWords } from '@/core/practice/words';
import { adaptDays } from '@/core/progress/adapt-days';
import { heldBack } from '@/core/progress/hold-back';
import { planWeeks, planWithTaught, type PlanChoice } from '@/core/progress/plan';
import { weeklyAims } from '@/core/progress/weekly-aims';
import type { LogEntry } from '@/core/teaching/log';
import { savePlan } from '@/store/edits';
import { today } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { useAimDefaults } from '../settings/use-aim-defaults';
import { CalendarPart } from './CalendarPart';
import { DaysNote } from './DaysNote';
import { PeakLadder } from './PeakLadder';
import { PlanForm } from './PlanForm';
import { PlanCalendar } from './PlanCalendar';
import { PlanWeek } from './PlanWeek';
import { dayOf } from '@/core/day-of';
import { ageOn } from '@/core/students/age';

/**
 * Weeks ahead: days and minutes there are, what each day is for, moved and missed days, and the calendar out and in.
 */
export function PlanPart({
  student,
  logs,
  aimed,
  inference,
  way,
}: {
  student: Student;
  logs: readonly LogEntry[];
  aimed: AimsOf | null;
  inference: Inference | null;
  way: FitWay;
}) {
  const { db } = useStudio();
  const undo = useUndo();
  const stored = useLiveQuery(async () => ({ plan: await db.plans.get(student.id) }), [db, student.id]);
  const [chosen, setChosen] = useState(today());
  const choice = stored?.plan;
  const defaults = useAimDefaults();
  const peak = choice?.peak ? shapeById(choice.peak) : null;
  const posterior = inference?.posterior ?? null;
  const gap = useMemo(
    () => (peak && posterior ? peakGap(peak, posterior, buildOfStudent(student), way) : null),
    [peak, posterior, student, way],
  );
  const steps = useMemo(
    () => (peak && posterior ? peakLadder(peak, posterior, buildOfStudent(student), way) : null),
    [peak, posterior, student, way],
  );
  const mobile = inference?.findings.hints.some((h) => h.kind === 'mobile') ?? false;
  const aims = useMemo(
    () => weeklyAims(aimed, gap, { age: ageOn(student.birthYear, today()), mobile }, defaults),
    [aimed, gap, student.birthYear, mobile, defaults],
  );
  const taught = useMemo(() => new Set(logs.map((l) => dayOf(l))), [logs]);
  const plan = useMemo(() => {
    return choice ? planWithTaught(planWeeks(aims, choice), taught) : null;
  }, [choice, aims, taught]);
  const adapted = useMemo(
    () => (choice && aimed ? adaptDays(choice, aims, logs, today()) : null),
    [choice, aimed, aims, logs],
  );
  if (!stored) return null;
  const put = async (next: PlanChoice, did: string) => undo(did, await savePlan(db, next));
  return (
    <>
      <PlanForm
        key={choice ? 'again' : 'first'}
        student={student.id}
        choice={choice ?? null}
        disabled={aims.length === 0}
        onPut={(next) => void put(next, say('The weeks are planned.'))}
      />
      {aims.length === 0 && (
        <Typography>{say('Weeks are laid out for aims: choose them under Findings first.')}</Typography>
      )}
      {plan && choice && (
        <>
          {adapted && (
            <DaysNote
              key={JSON.stringify(adapted.changes)}
              adapted={adapted}
              onPut={() => void put(adapted.choice, say('The weeks follow.'))}
            />
          )}
          {plan.short.length > 0 && (
            <Box role="status" sx={{ mb: 1 }} className="no-print">
              <Typography sx={{ fontWeight: 700 }}>
                {say('These days and minutes are not enough for all of it:')}
              </Typography>
              {plan.short.map((s) => (
                <Typography key={`${s.key}${s.kind}`}>
                  {aimWords(s.key)}:{' '}
                  {s.kind === 'stretch'
                    ? say(
                        '{{given}} of {{wanted}} useful minutes a week; more minutes, another day, or fewer aims make room.',
                        { given: s.given.toFixed(1), wanted: s.wanted.toFixed(1) },
                      )
                    : say('{{given}} of {{wanted}} days of strength; they need a day between.', {
                        given: s.given,
                        wanted: s.wanted,
                      })}
                </Typography>
              ))}
            </Box>
          )}
          <Box
            sx={{
              display: 'grid',
              gap: 3,
              gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '330px minmax(0, 1fr)' },
              alignItems: 'start',
            }}
          >
            <Box className="no-print">
              <PlanCalendar plan={plan} chosen={chosen} onChoose={setChosen} />
              <CalendarPart
                plan={plan}
                choice={choice}
                name={student.name}
                onPut={(next, did) => void put(next, did)}
              />
            </Box>
            <PlanWeek
              plan={plan}
              choice={choice}
              chosen={chosen}
              name={firstName(student.name)}
              held={heldBack(logs)}
              onPut={(next, did) => void put(next, did)}
            />
          </Box>
          {peak && steps && <PeakLadder student={student} shape={peak} steps={steps} choice={choice} />}
          <Typography variant="caption" component="p" sx={{ mt: 2 }} className="no-print">
            {say(
              'From {{format}}, {{count}} weeks. Doses are those under Findings. Strength has a day between, and every fourth week is lighter. Testing again comes when a change can be told (rules of thumb, ours).',
              { format: format(new Date(`${choice.start}T00:00:00`), say('d MMMM yyyy')), count: choice.weeks },
            )}
          </Typography>
        </>
      )}
    </>
  );
}
