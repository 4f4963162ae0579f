'use client';
import Alert from '@mui/material/Alert';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { MOST_STUDENTS, practiceOf, type YogaClass } from '@/core/classes/class';
import { classAims } from '@/core/classes/shared';
import type { Change } from '@/core/practice/change';
import { paceOf, totalSeconds } from '@/core/practice/practice';
import { requestOf, type PracticeRequest, type Saluted } from '@/core/practice/request';
import { clock } from '@/core/practice/sheet';
import { removeClass, saveClass } from '@/store/edits';
import { core } from '@/workers/use-core';
import { NothingFits } from '../practice/NothingFits';
import { Unsaluted } from '../practice/Unsaluted';
import { useWishes } from '../practice/use-wishes';
import { WishesPanel } from '../practice/WishesPanel';
import { useLikes, usePropSizes } from '../settings/use-pose-settings';
import { EmptyChart } from '../shell/EmptyChart';
import { LateProgress } from '../shell/LateProgress';
import { Pick } from '../shell/Pick';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { ClassTable } from './ClassTable';
import { SharedAims } from './SharedAims';
import { useClass, useClassWay, useMembers, type ClassData } from './use-class';
import { useClassTable } from './use-class-table';

/** A class by the id in the address. */
export function ClassScreen() {
  'use memo';
  const { base } = useStudio();
  const data = useClass(useSearchParams().get('id') ?? '');
  if (!data) return null;
  const { one } = data;
  if (!one)
    return (
      <EmptyChart
        title="This class is not here"
        action={
          <Button variant="contained" component={Link} href={`${base}/classes`}>
            Classes
          </Button>
        }
      >
        It may have been undone.
      </EmptyChart>
    );
  return <OneClass key={one.id} one={one} students={data.students} people={data.people} />;
}

/** Who comes, what they share, one practice for most, and each one's own rung in it. */
function OneClass({ one, students, people }: Omit<ClassData, 'one'> & { one: YogaClass }) {
  'use memo';
  const { db, base } = useStudio();
  const router = useRouter();
  const undo = useUndo();
  const { enqueueSnackbar } = useSnackbar();
  const [sizes] = usePropSizes();
  const [likes] = useLikes();
  const way = useClassWay();
  const { members, busy, failed } = useMembers(people, way);
  const [name, setName] = useState<string | null>(null);
  const [find, setFind] = useState('');
  const [minutes, setMinutes] = useState(String(one.request?.minutes ?? 60));
  const [problem, setProblem] = useState<string | null>(null);
  const [wishes, putWishes] = useWishes(one.id);
  const [building, setBuilding] = useState(false);
  const [refused, setRefused] = useState<{ change: Change; request: PracticeRequest } | null>(null);
  const [unsaluted, setUnsaluted] = useState<Saluted | null>(null);
  const table = useClassTable(one, people, way, !busy);
  const keep = async (next: YogaClass, did: string) => undo(did, await saveClass(db, next));
  const present = members.filter((m) => m.stopped === null && one.students.includes(m.id));
  const breath = people.reduce((s, p) => s + p.student.breathSeconds, 0) / Math.max(1, people.length);

  const build = async (request: PracticeRequest) => {
    setBuilding(true);
    setRefused(null);
    setUnsaluted(null);
    try {
      const { built, aims } = await core().classBuild(people, way.when, way.settings, request, likes);
      setUnsaluted(built.unsaluted);
      if (built.change) setRefused({ change: built.change, request });
      else await keep({ ...one, items: built.items, aims, request }, 'The practice is built.');
    } catch (error) {
      enqueueSnackbar(`It could not be built: ${error instanceof Error ? error.message : String(error)}`, {
        variant: 'error',
      });
    } finally {
      setBuilding(false);
    }
  };
  const asked = () => {
    const wanted = Number(minutes.replace(',', '.'));
    if (!(wanted >= 5 && wanted <= 120)) {
      setProblem('Type minutes between 5 and 120.');
      return;
    }
    setProblem(null);
    void build(requestOf({ ...wishes, minutes: wanted, breathSeconds: Math.round(breath * 2) / 2 }));
  };
  const toggle = (id: string, who: string) => {
    const isIn = one.students.includes(id);
    if (!isIn && one.students.length >= MOST_STUDENTS) {
      enqueueSnackbar(`A class holds ${MOST_STUDENTS}.`, { variant: 'info' });
      return;
    }
    const next = isIn ? one.students.filter((s) => s !== id) : [...one.students, id];
    void keep({ ...one, students: next }, isIn ? `${who} is not in it.` : `${who} is in it.`);
  };
  const practice = practiceOf(one);
  return (
    <Box sx={{ p: 3, maxWidth: 1180, '@media print': { p: 0 } }}>
      <style>{'@page { size: A4 landscape; margin: 10mm }'}</style>
      <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mb: 2 }}>
        <TextField
          label="Class"
          value={name ?? one.name}
          onChange={(e) => setName(e.target.value.slice(0, 80))}
          onBlur={() => {
            const said = name?.trim();
            if (said && said !== one.name) void keep({ ...one, name: said }, 'It has another name.');
            setName(null);
          }}
          sx={{ width: 340 }}
        />
        <Box sx={{ flex: 1 }} />
        <Button
          onClick={() =>
            void removeClass(db, one.id).then((change) => {
              undo(`“${one.name}” is removed.`, change);
              router.push(`${base}/classes`);
            })
          }
        >
          Remove this class
        </Button>
      </Box>
      <Box
        role="group"
        aria-label="Who comes"
        className="no-print"
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, alignItems: 'center', mb: 2 }}
      >
        <Typography sx={{ mr: 0.5 }}>Who comes</Typography>
        {people.map(({ student: s }) => (
          <Pick key={s.id} label={s.name} on press={() => toggle(s.id, s.name)} />
        ))}
        {students.length === 0 ? (
          <Button component={Link} href={`${base}/students?add=1`}>
            Add the first student
          </Button>
        ) : (
          <Autocomplete
            options={students.filter((s) => !one.students.includes(s.id))}
            getOptionLabel={(s) => s.name}
            getOptionKey={(s) => s.id}
            value={null}
            inputValue={find}
            onInputChange={(_, text, reason) => setFind(reason === 'input' ? text : '')}
            size="small"
            sx={{ width: 220 }}
            noOptionsText="Nobody else by that name."
            onChange={(_, s) => s && toggle(s.id, s.name)}
            renderInput={(params) => <TextField {...params} label="Add a student" />}
          />
        )}
      </Box>
      <LateProgress busy={busy || building} label={busy ? 'Reading the students' : 'Building'} />
      {busy && (
        <Typography role="status" variant="caption" component="p" className="no-print">
          Fitting every pose to each of them: {members.length} of {people.length} …
        </Typography>
      )}
      {failed && <Alert severity="error">They could not be read: {failed}</Alert>}
      {people.length === 0 ? (
        <Typography color="text.secondary">Choose who comes. Then Kolpos tells what they share.</Typography>
      ) : (
        <Box className="no-print" sx={{ mb: 3 }}>
          <SharedAims members={members.filter((m) => one.students.includes(m.id))} />
          <Box
            component="form"
            onSubmit={(e) => {
              e.preventDefault();
              asked();
            }}
            sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start', mt: 2 }}
          >
            <TextField
              label="Minutes"
              value={minutes}
              onChange={(e) => setMinutes(e.target.value)}
              error={problem !== null}
              helperText={problem}
              sx={{ width: 150 }}
              slotProps={{ htmlInput: { inputMode: 'decimal' } }}
            />
            <Button
              type="submit"
              variant={one.items.length > 0 ? 'outlined' : 'contained'}
              disabled={busy || building || classAims(present).length === 0}
            >
              {building ? 'Building …' : 'Build a practice'}
            </Button>
            {one.request && one.items.length > 0 && (
              <Button
                disabled={busy || building}
                onClick={() => one.request && void build({ ...one.request, version: (one.request.version + 1) % 9 })}
              >
                Another version
              </Button>
            )}
          </Box>
          <Box component="details" sx={{ mt: 1 }}>
            <summary>Wishes: style, place, props, sides, peak</summary>
            <WishesPanel wishes={wishes} home={[]} put={putWishes} />
          </Box>
        </Box>
      )}
      {refused && <NothingFits {...refused} onBuild={(request) => void build(request)} />}
      {unsaluted !== null && (
        <Alert severity="info" className="no-print" sx={{ mb: 2 }} onClose={() => setUnsaluted(null)}>
          <Unsaluted salutation={unsaluted} />
        </Alert>
      )}
      {one.items.length > 0 && people.length > 0 && (
        <Box component="section" aria-label="The practice">
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mb: 1 }}>
            <Typography variant="h1" sx={{ fontSize: 20, flex: 1 }}>
              {one.name} · <span className="num">{clock(totalSeconds(one.items, paceOf(practice)))}</span>
            </Typography>
            <Button className="no-print" variant="outlined" disabled={!table} onClick={() => window.print()}>
              Print on one page
            </Button>
            <Button
              className="no-print"
              variant="contained"
              component={Link}
              href={`${base}/teach?class=${one.id}`}
              disabled={present.length === 0}
            >
              Teach
            </Button>
          </Box>
          {table ? (
            <ClassTable
              rows={table.rows}
              doses={table.doses}
              members={members}
              sizes={sizes}
              onLeaveOut={({ block }) =>
                void keep(
                  { ...one, items: one.items.filter((i) => !block.items.some((b) => b.id === i.id)) },
                  'It is left out.',
                )
              }
            />
          ) : (
            <Typography role="status">Finding each one’s own rung …</Typography>
          )}
          <Typography sx={{ mt: 1, fontSize: 13, color: 'var(--ink-2)' }}>
            ▲ a caution: her own rungs keep to it. Stop at pain, pinching, tingling or numbness. Kolpos never diagnoses.
          </Typography>
        </Box>
      )}
    </Box>
  );
}
