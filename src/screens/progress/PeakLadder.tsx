'use client';
import { say } from '@/core/languages/spoken';
import { daysLater } from '@/core/day-count';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { format, parseISO } from 'date-fns';
import { useRouter } from 'next/navigation';
import { groupName, SIDE_MARK } from '@/core/body/words';
import type { Student } from '@/core/students/student';
import type { Shape } from '@/core/poses';
import { ladderWeeks, workingAt, WEEKS_A_STEP, type LadderStep } from '@/core/practice/peak-ladder';
import type { PlanChoice } from '@/core/progress/plan';
import { PoseFigure } from '../poses/PoseFigure';
import { useWishes } from '../practice/use-wishes';
import { useStudio } from '../shell/studio-context';

/** Groups that are named of what is missing. */
const NAMED = 4;
/** Beyond so many SD a number would say more than the model knows. Ours. */
const FAR_SD = 3;

/** The rungs of a peak as steps: where she works now, in which weeks, and what must have changed before the next. */
export function PeakLadder({
  student,
  shape,
  steps,
  choice,
}: {
  student: Student;
  shape: Shape;
  steps: readonly LadderStep[];
  choice: PlanChoice;
}) {
  'use memo';
  const { base } = useStudio();
  const router = useRouter();
  const [, putWishes] = useWishes(student.id);
  const here = workingAt(steps);
  const weeks = ladderWeeks(steps, choice.weeks);
  const dayOf = (week: number) => format(parseISO(daysLater(choice.start, 7 * week)), say('d MMM'));
  return (
    <Box component="section" aria-label={say('Towards {{name}}', { name: say(shape.name) })} sx={{ mt: 3 }}>
      <Typography variant="h2">{say('Towards {{name}}', { name: say(shape.name) })}</Typography>
      {(steps[Math.max(0, here)]?.missing[0]?.sd ?? 0) > FAR_SD && (
        <Typography>
          {say('That is a long way off. A nearer peak, or a milder one of the same kind, will show progress sooner.')}
        </Typography>
      )}
      {here < 0 && <Typography>{say('All of it is within reach already: the weeks maintain it.')}</Typography>}
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {steps.map((step, i) => {
          const when = weeks.find((w) => w.step.rung === step.rung);
          const rung = shape.rungs[step.rung - 1];
          return (
            <Box
              component="li"
              key={step.rung}
              aria-current={i === here ? 'step' : undefined}
              sx={{
                display: 'grid',
                gridTemplateColumns: '96px minmax(0, 1fr)',
                gap: 1.5,
                alignItems: 'center',
                borderTop: '1px solid var(--line)',
                py: 1,
                breakInside: 'avoid',
                bgcolor: i === here ? 'var(--act-pale)' : undefined,
              }}
            >
              <PoseFigure
                pose={shape.id}
                rung={step.rung}
                side={shape.sided ? 'right' : 'both'}
                depth={step.state === 'ahead' ? 1 : step.depth}
                height={62}
                muscles={false}
              />
              <Box>
                <Typography sx={{ fontWeight: 700 }}>
                  {step.rung}. {say(rung.name)}
                  {when && (
                    <>
                      {' '}
                      {say('· week {{count}}{{what}}, from {{day}}{{what2}}', {
                        count: when.from + 1,
                        what: when.to > when.from ? say(' to {{count}}', { count: when.to + 1 }) : '',
                        day: dayOf(when.from),
                        what2: i > here ? say(', if the tests allow it') : '',
                      })}
                    </>
                  )}
                </Typography>
                <Typography>{stateWords(step)}</Typography>
              </Box>
            </Box>
          );
        })}
      </Box>
      <Typography variant="caption" component="p">
        {say(
          'Worked out from the student’s tolerances, in SD of typical people: what would make all of a rung comfortable, muscle by muscle. It is {{count}} weeks a rung. A change of length can be told after four to six (rules of thumb, ours). The tests decide, not the calendar. What joint or bone stops is left out of the weeks; there the shape is changed.',
          { count: WEEKS_A_STEP },
        )}
      </Typography>
      <Button
        className="no-print"
        size="small"
        variant="outlined"
        sx={{ mt: 1 }}
        onClick={() => {
          putWishes({ peak: shape.id });
          router.push(`${base}/student?id=${student.id}&step=practice`);
        }}
      >
        {say('Build practices that lead there')}
      </Button>
    </Box>
  );
}

/** How far she is in a rung, and what is missing to all of it. */
function stateWords(step: LadderStep): string {
  const missing = step.missing
    .slice(0, NAMED)
    .map(
      (m) =>
        `${groupName(m.group)} ${SIDE_MARK[m.side]} ${say(m.side)} ${m.sd > FAR_SD ? say('over {{count}}', { count: FAR_SD }) : m.sd.toFixed(1)}${m.trained ? '' : say(' (not a muscle)')}`,
    )
    .join(', ');
  const more = step.missing.length > NAMED ? say(' and {{count}} more', { count: step.missing.length - NAMED }) : '';
  if (step.state === 'through') return say('All of it is within reach.');
  const far =
    step.state === 'open'
      ? say('Today {{count}} of 100 of its way.', { count: Math.round(100 * step.depth) })
      : say('Its entry is not within reach yet: practices prepare it until it is.');
  return missing ? say('{{far}} Missing to all of it: {{missing}}{{more}}.', { far, missing, more }) : far;
}
