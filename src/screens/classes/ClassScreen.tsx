'use client';
import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import type { YogaClass } from '@/core/classes/class';
import { classAims } from '@/core/classes/shared';
import { requestOfWeek } from '@/core/classes/weeks';
import { requestOf, VERSIONS } from '@/core/practice/request';
import { changeClass } from '@/store/edits';
import { BuildForm } from '../practice/BuildForm';
import { NothingFits } from '../practice/NothingFits';
import { Unsaluted } from '../practice/Unsaluted';
import { useWishes } from '../practice/use-wishes';
import { WishesPanel } from '../practice/WishesPanel';
import { EmptyChart } from '../shell/EmptyChart';
import { LateProgress } from '../shell/LateProgress';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { Opening } from '../shell/Opening';
import { ClassHead } from './ClassHead';
import { ClassPractice } from './ClassPractice';
import { SharedAims } from './SharedAims';
import { useClass, useClassWay, useMembers, type ClassData } from './use-class';
import { useClassBuilding, type KeepClass } from './use-class-building';
import { useClassHelp } from './use-class-help';
import { useClassTable } from './use-class-table';
import { WeeksAhead } from './WeeksAhead';
import { WhoComes } from './WhoComes';

/** A class by the id in the address. */
export function ClassScreen() {
  'use memo';
  const { base } = useStudio();
  const data = useClass(useSearchParams().get('id') ?? '');
  if (!data) return <Opening />;
  const { one } = data;
  if (!one)
    return (
      <EmptyChart
        title={say('This class is not here')}
        action={
          <Button variant="contained" component={Link} href={`${base}/classes`}>
            {say('Classes')}
          </Button>
        }
      >
        {say('It may have been undone.')}
      </EmptyChart>
    );
  return <OneClass key={one.id} one={one} students={data.students} people={data.people} />;
}

/** Who comes, what they share, one practice for most, and each one's own rung in it. */
function OneClass({ one, students, people }: Omit<ClassData, 'one'> & { one: YogaClass }) {
  'use memo';
  const { db } = useStudio();
  const undo = useUndo();
  const way = useClassWay();
  const { members, busy, failed } = useMembers(people, way);
  const [wishes, putWishes] = useWishes(one.id);
  const keep: KeepClass = async (change, did) => undo(did, await changeClass(db, one, change));
  const { build, building, refused, unsaluted, forgetUnsaluted } = useClassBuilding(people, way, keep);
  const table = useClassTable(one, people, way, !busy);
  const little = useClassHelp(one, people, way, table !== null);
  const breath = people.reduce((s, p) => s + p.student.breathSeconds, 0) / Math.max(1, people.length);
  const again = one.items.length > 0 ? one.request : undefined;
  const inIt = members.filter((m) => one.students.includes(m.id));
  const present = inIt.filter((m) => m.stopped === null);
  const wished = (minutes: number) => requestOf({ ...wishes, minutes, breathSeconds: Math.round(breath * 2) / 2 });
  const canBuild = !busy && !building && classAims(present).length > 0;
  return (
    <Box sx={{ p: 3, maxWidth: 1180, '@media print': { p: 0 } }}>
      <style>{'@page { size: A4 landscape; margin: 10mm }'}</style>
      <ClassHead one={one} keep={keep} />
      <WhoComes one={one} students={students} people={people} keep={keep} />
      <LateProgress busy={busy || building} label={busy ? say('Reading the students') : say('Building')} />
      {busy && (
        <Typography role="status" variant="caption" component="p" className="no-print">
          {say('Fitting every pose to each of them: {{members}} of {{people}} …', {
            members: members.length,
            people: people.length,
          })}
        </Typography>
      )}
      {failed && <Alert severity="error">{say('They could not be read: {{failed}}', { failed })}</Alert>}
      {people.length === 0 ? (
        <Typography color="text.secondary">{say('Choose who comes. Then Kolpos tells what they share.')}</Typography>
      ) : (
        <Box className="no-print" sx={{ mb: 3 }}>
          <SharedAims members={inIt} />
          <Box sx={{ mt: 2 }}>
            <BuildForm
              first={one.request?.minutes ?? USUAL_MIN}
              again={one.items.length > 0}
              building={building}
              disabled={!canBuild}
              onBuild={(minutes) => void build(wished(minutes))}
            >
              {again && (
                <Button
                  disabled={busy || building}
                  onClick={() =>
                    void build({ ...again, version: (again.version + 1) % VERSIONS }, { theme: one.theme })
                  }
                >
                  {say('Another version')}
                </Button>
              )}
            </BuildForm>
          </Box>
          <Box component="details" sx={{ mt: 1 }}>
            <summary>{say('Wishes: style, place, props, sides, peak')}</summary>
            <WishesPanel wishes={wishes} home={[]} put={putWishes} />
          </Box>
        </Box>
      )}
      {people.length > 0 && (
        <WeeksAhead
          one={one}
          choice={one.weeks ?? null}
          members={inIt}
          today={way.when.day}
          canBuild={canBuild}
          onPut={(change, did) => void keep((c) => ({ ...c, weeks: change(c.weeks) }), did)}
          onBuild={(week) =>
            void build(requestOfWeek(week, wished(one.request?.minutes ?? USUAL_MIN)), {
              theme: week.theme,
              week: week.week,
            })
          }
        />
      )}
      {refused && <NothingFits {...refused} onBuild={(request) => void build(request, { theme: one.theme })} />}
      {unsaluted !== null && (
        <Alert severity="info" className="no-print" sx={{ mb: 2 }} onClose={forgetUnsaluted}>
          <Unsaluted salutation={unsaluted} />
        </Alert>
      )}
      {one.items.length > 0 && people.length > 0 && (
        <ClassPractice
          one={one}
          table={table}
          little={little}
          members={members}
          canTeach={present.length > 0}
          keep={keep}
        />
      )}
    </Box>
  );
}

/** Minutes of a class where nobody has said. */
const USUAL_MIN = 60;
