'use client';
import { firstName } from '@/core/students/called';
import Alert from '@mui/material/Alert';
import dynamic from 'next/dynamic';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useLikes } from '../settings/use-pose-settings';
import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { screenOf, stopOf } from '@/core/cautions/screen';
import type { Inference } from '@/core/inference';
import type { FitWay } from '@/core/fit/way';
import { buildOfStudent, type Aim, type Student } from '@/core/students/student';
import { AIM_WORDS, aimedName } from '@/core/aims/words';
import type { BuiltPractice } from '@/core/practice/build';
import { aimKey } from '@/core/practice/doses';
import { shapeById } from '@/core/poses';
import { aimsWithPeak, peakGap } from '@/core/practice/peak';
import type { Plan } from '@/core/practice/plan';
import { recheck } from '@/core/practice/recheck';
import { refit, type Refit } from '@/core/practice/refit';
import { givenTitle } from '@/core/practice/given-title';
import { choiceOf, type Practice, type PracticeItem } from '@/core/practice/practice';
import { requestOf, type PracticeRequest } from '@/core/practice/request';
import { MISSING_WORDS } from '@/core/practice/words';
import { changePractice, editPractice } from '@/store/edits';
import { newId, now, today } from '@/store/studio';
import { textOf } from '@/workers/text';
import { core, useRanking, type Answer } from '@/workers/use-core';
import { AdaptNote } from '../home/AdaptNote';
import { EmptyChart } from '../shell/EmptyChart';
import { LateProgress } from '../shell/LateProgress';
import { NoAimYet } from '../shell/NoAimYet';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { useSnackbar } from 'notistack';
import { ChoiceNote } from './ChoiceNote';
import { NothingFits } from './NothingFits';
import { PracticeEditor } from './PracticeEditor';
import { PeakNote } from './PeakNote';
import { nameOf, RecheckedNote } from './Rechecked';
import { PasteSequence } from './PasteSequence';
import { StartFrom } from './StartFrom';
import { useWishes } from './use-wishes';
import { Unsaluted } from './Unsaluted';
import { WishesPanel } from './WishesPanel';

// What goes home, its languages and its drawing, is fetched with the first press.
const GiveHome = dynamic(() => import('../home/GiveHome').then((m) => m.GiveHome), { ssr: false });

/** Minutes → a practice for these aims; the newest one open for changing. */
export function PracticeStep({
  student,
  practices,
  inference,
  aims,
  way,
}: {
  student: Student;
  practices: readonly Practice[];
  inference: Answer<Inference>;
  aims: readonly Aim[] | null;
  way: FitWay;
}) {
  const { db } = useStudio();
  const undo = useUndo();
  const { whole: ranked, busy } = useRanking(student, inference.value, aims, way);
  const [minutes, setMinutes] = useState('20');
  const [problem, setProblem] = useState<string | null>(null);
  const { enqueueSnackbar } = useSnackbar();
  const [wishes, putWishes] = useWishes(student.id);
  const [likes] = useLikes();
  const [wished, setWished] = useState(false);
  const [giving, setGiving] = useState(false);
  const [pasting, setPasting] = useState(false);
  const [building, setBuilding] = useState(false);
  const [answer, setAnswer] = useState<
    (Pick<BuiltPractice, 'change' | 'missing' | 'unkept' | 'unsaluted'> & { request: PracticeRequest }) | null
  >(null);
  const params = useSearchParams();
  const from = params.get('from');
  // A practice that the address names is open until another one is chosen.
  const [picked, setChosen] = useState<string | null>(null);
  const chosen = picked ?? params.get('practice');
  const [refitted, setRefitted] = useState<readonly Refit[] | null>(null);
  const posterior = inference.value?.posterior ?? null;
  const peak = wishes.peak ? shapeById(wishes.peak) : null;
  const gap = useMemo(
    () => (peak && posterior ? peakGap(peak, posterior, buildOfStudent(student), way) : null),
    [peak, posterior, student, way],
  );
  const sorted = [...practices].sort((a, b) => (a.createdAt < b.createdAt ? 1 : -1));
  const open = sorted.find((p) => p.id === chosen) ?? sorted[0];
  const screening = screenOf(student, today());

  if (screening.stopped)
    return (
      <EmptyChart title="No practice for now">
        {stopOf(screening)?.message} When it is cleared, take the caution off under Ask.
      </EmptyChart>
    );
  // Not known yet is not none.
  if (!aims)
    return (
      <Box role="status">
        <LateProgress busy label="Computing findings" />
        <Typography color="text.secondary">Working out what to aim for …</Typography>
      </Box>
    );
  if (aims.length === 0) return <NoAimYet student={student.id} title="A practice is built for aims" />;
  /** Builds anew, or in place of a practice: another version of it, or around what is kept in it. */
  const build = async (request: PracticeRequest, over?: Practice, locked: readonly PracticeItem[] = []) => {
    if (!ranked) return;
    // A peak that the practice was built for before is worked out anew: she may have changed since.
    const shape = request.peak ? shapeById(request.peak) : null;
    const towards = shape && posterior ? peakGap(shape, posterior, buildOfStudent(student), way) : null;
    const plain = (towards ? aimsWithPeak(aims, towards) : aims).map(({ kind, group, side, weight }) => ({
      kind,
      group,
      side,
      weight,
    }));
    setBuilding(true);
    setRefitted(null);
    setAnswer(null);
    try {
      const built = await core().build(textOf(ranked), plain, { ...request, locked: [...locked], likes });
      setAnswer({
        change: built.change,
        missing: built.missing,
        unkept: built.unkept,
        unsaluted: built.unsaluted,
        request,
      });
      if (built.items.length === 0) return;
      const time = now();
      const kept = new Set(locked.map((i) => `${i.pose}/${i.rung}`));
      const practice: Practice = {
        id: over?.id ?? newId(),
        student: student.id,
        title: over?.title ?? givenTitle(request.minutes, firstName(student.name)),
        minutes: request.minutes,
        items: built.items.map((i) =>
          i.salutation === undefined && kept.has(`${i.pose}/${i.rung}`) ? { ...i, locked: true } : i,
        ),
        aims: plain,
        request,
        choice: choiceOf(built),
        createdAt: over?.createdAt ?? time,
        updatedAt: time,
      };
      const did = over ? 'Built again.' : 'The practice is built.';
      const change = await editPractice(db, practice, did);
      setChosen(practice.id);
      undo(did, change);
    } catch (error) {
      enqueueSnackbar(`It could not be built: ${error instanceof Error ? error.message : String(error)}`, {
        variant: 'error',
      });
    } finally {
      setBuilding(false);
    }
  };
  /** A plan of elsewhere, fitted to this student as she is now. */
  const fitPlan = async (plan: Plan) => {
    if (!ranked) return;
    await openFitted(plan, refit(plan.items, ranked, aims, student.breathSeconds, newId));
  };
  /** Items that were fitted to her, as a practice of her own, open below. */
  const openFitted = async (
    plan: Pick<Plan, 'title' | 'minutes' | 'request'>,
    { items, changes }: { items: PracticeItem[]; changes: Refit[] },
  ) => {
    if (items.length === 0) {
      enqueueSnackbar('Nothing in it is allowed and within reach here.', { variant: 'info' });
      return;
    }
    const time = now();
    const practice: Practice = {
      id: newId(),
      student: student.id,
      title: plan.title,
      minutes: plan.minutes,
      items,
      aims: aims.map(({ kind, group, side, weight }) => ({ kind, group, side, weight })),
      request: { ...(plan.request ?? requestOf({ minutes: plan.minutes })), breathSeconds: student.breathSeconds },
      createdAt: time,
      updatedAt: time,
    };
    setAnswer(null);
    setRefitted(changes);
    setChosen(practice.id);
    undo('Fitted, and open below.', await editPractice(db, practice, 'Fitted.'));
  };
  /** What came back from home, put into the practice. */
  const adapted = async (id: string, items: readonly PracticeItem[]) => {
    const did = items === open?.items ? 'It stays as it is.' : 'Changed by what came back.';
    undo(did, await changePractice(db, id, (stored) => ({ ...stored, items: [...items], homeSeenAt: now() }), did));
  };
  const asked = () => {
    const wanted = Number(minutes.replace(',', '.'));
    if (!(wanted >= 5 && wanted <= 120)) {
      setProblem('Type minutes between 5 and 120.');
      return;
    }
    setProblem(null);
    void build(requestOf({ ...wishes, minutes: wanted, breathSeconds: student.breathSeconds }));
  };
  const again = (practice: Practice): PracticeRequest =>
    practice.request ?? requestOf({ minutes: practice.minutes, breathSeconds: student.breathSeconds });
  const keptIn = (practice: Practice) => practice.items.filter((i) => i.locked);
  return (
    <>
      <LateProgress busy={busy} label="Fitting poses" />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'flex-start', mb: 2 }}>
        <Box
          component="form"
          onSubmit={(e) => {
            e.preventDefault();
            asked();
          }}
          sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start' }}
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
          <Button type="submit" variant={open ? 'outlined' : 'contained'} disabled={!ranked || building}>
            {building ? 'Building …' : 'Build a practice'}
          </Button>
        </Box>
        <StartFrom
          student={student}
          asked={refitted === null ? from : null}
          disabled={!ranked || building}
          onFit={(plan) => void fitPlan(plan)}
        />
        <Button variant="outlined" onClick={() => setPasting(true)} disabled={!ranked || building}>
          Your own sequence …
        </Button>
        {sorted.length > 1 && (
          <TextField
            select
            label="Practice"
            value={open?.id ?? ''}
            onChange={(e) => setChosen(e.target.value)}
            slotProps={{ select: { native: true } }}
            sx={{ minWidth: 240 }}
          >
            {sorted.map((p) => (
              <option key={p.id} value={p.id}>
                {p.title}
              </option>
            ))}
          </TextField>
        )}
      </Box>
      <Box
        component="details"
        open={wished}
        onToggle={(e) => setWished((e.target as HTMLDetailsElement).open)}
        sx={{ mb: 2 }}
      >
        <summary>Wishes: style, place, props, sides, peak</summary>
        <WishesPanel wishes={wishes} home={student.props ?? []} put={putWishes} />
        {gap && <PeakNote gap={gap} />}
      </Box>
      {answer?.change && (
        <NothingFits change={answer.change} request={answer.request} onBuild={(request) => void build(request)} />
      )}
      {answer && (answer.unsaluted !== null || answer.missing.length + answer.unkept.length > 0) && (
        <Alert severity="info" sx={{ mb: 2 }} onClose={() => setAnswer(null)}>
          {answer.unsaluted !== null && <Unsaluted salutation={answer.unsaluted} />}
          {answer.unkept.map((key) => (
            <Typography key={key}>
              {shapeById(key.split('/')[0])?.name ?? key} could not be kept: a caution, the range there is or a wish is
              against it now.
            </Typography>
          ))}
          {answer.missing.map((m) => (
            <Typography key={aimKey(m.aim)}>
              {AIM_WORDS[m.aim.kind]} {aimedName(m.aim)} {m.aim.side} gets hardly anything: {MISSING_WORDS[m.why]}.
            </Typography>
          ))}
        </Alert>
      )}
      {refitted && refitted.length > 0 && (
        <Alert severity="info" sx={{ mb: 2 }} onClose={() => setRefitted([])}>
          {refitted.map((c) => (
            <Typography key={`${c.pose}/${c.rung}`}>{refitWords(c)}</Typography>
          ))}
        </Alert>
      )}
      {!open && (
        <Typography color="text.secondary">
          Say how many minutes you have. Kolpos chooses poses for the aims, both sides, mild before deep, and leaves
          time for rest.
        </Typography>
      )}
      {open && ranked && (
        <RecheckedNote
          changes={recheck(open.items, screening, ranked, aims, student.breathSeconds).changes}
          onKeep={() => {
            const did = 'The practice is corrected.';
            void changePractice(
              db,
              open.id,
              (stored) => ({
                ...stored,
                items: recheck(stored.items, screening, ranked, aims, student.breathSeconds).items,
              }),
              did,
            ).then((change) => undo(did, change));
          }}
        />
      )}
      {open && ranked && (
        <AdaptNote
          key={`${open.id}-home`}
          student={student}
          practice={open}
          ranked={ranked}
          onPut={(items) => void adapted(open.id, items)}
        />
      )}
      {open && ranked && (
        <PracticeEditor key={open.id} student={student} practice={open} ranked={ranked}>
          <Box sx={{ display: 'flex', flexDirection: 'column', mt: 1 }}>
            <Button size="small" disabled={open.items.length === 0} onClick={() => setGiving(true)}>
              Send it home
            </Button>
            <Button
              size="small"
              disabled={building}
              onClick={() => void build({ ...again(open), version: (again(open).version + 1) % 9 }, open)}
            >
              Another version
            </Button>
            <Button
              size="small"
              disabled={building || keptIn(open).length === 0}
              onClick={() => void build({ ...again(open), version: 0 }, open, keptIn(open))}
            >
              Build again around what is kept
            </Button>
          </Box>
          {open.choice && <ChoiceNote choice={open.choice} />}
        </PracticeEditor>
      )}
      {pasting && ranked && (
        <PasteSequence
          student={student}
          ranked={ranked}
          aims={aims}
          onClose={() => setPasting(false)}
          onFit={(pasted) => {
            setPasting(false);
            void openFitted({ title: `Your sequence for ${firstName(student.name)}`, minutes: pasted.minutes }, pasted);
          }}
        />
      )}
      {giving && open && ranked && (
        <GiveHome student={student} practice={open} ranked={ranked} onClose={() => setGiving(false)} />
      )}
    </>
  );
}

const WHY: Readonly<Record<Refit['why'], string>> = {
  caution: 'runs against a caution here',
  reach: 'is out of reach here',
  unknown: 'is not in this library',
};
/** What became of a rung when a practice was fitted to somebody else, as a sentence. */
const refitWords = (c: Refit): string =>
  `${nameOf(c)} ${WHY[c.why]}; ${c.to ? `${nameOf(c.to)} stands in its place` : 'it is left out'}.`;
