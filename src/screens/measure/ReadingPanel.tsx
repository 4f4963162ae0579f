'use client';
import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMemo, useRef, useState } from 'react';
import { otherSide } from '@/core/body';
import { SIDE_MARK } from '@/core/body/words';
import { leverOf, limbTorque } from '@/core/measuring/torque';
import { typedNumber, typedValue } from '@/core/measuring/typed';
import type { Student } from '@/core/students/student';
import { PLACE_WORDS } from '@/core/students/words';
import { normOf, type Readout, type TestDefinition, type Variant } from '@/core/assessment/definition';
import { testPosture } from '@/core/assessment/drawn';
import {
  kindOf,
  latest,
  meanOf,
  STOP_REASONS,
  valueProblem,
  withUnit,
  type Reading,
  type ReadingSide,
} from '@/core/assessment/reading';
import { END_FEEL_WORDS, UNIT_WORDS } from '@/core/assessment/words';
import { keepReadings } from '@/store/changes';
import { newId, now, whereAt } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { useBuild } from '../students/use-build';
import { ChoiceChips } from './ChoiceChips';
import { DoubtQuestion } from './DoubtQuestion';
import { EarlierReadings } from './EarlierReadings';
import { HowDone } from './HowDone';
import { InstrumentButtons } from './instruments/InstrumentButtons';
import type { Taken } from './instruments/types';
import { KeepBar } from './KeepBar';
import { after, numberPad } from './number-pad';
import { PushDetails } from './PushDetails';
import { leverProblem, readingFromDraft, trialProblem, type DraftOf } from './reading-from-draft';
import { Ruler } from './Ruler';
import { TestFigure } from './TestFigure';
import { useDraft } from './use-draft';
import { ValueEntry } from './ValueEntry';

interface ReadingPanelProps {
  student: Student;
  test: TestDefinition;
  readout: Readout;
  side: ReadingSide;
  variant?: Variant;
  /** True where a caution allows only other ways of this test. */
  locked?: boolean;
  warm?: boolean;
  readings: readonly Reading[];
  /** What the model expects this read-out to give, if it does. */
  expected?: DraftOf['known']['expected'];
  onChoose: (change: { side?: ReadingSide; readout?: string; variant?: string | null }) => void;
  onKept: (reading: Reading) => void;
  onSkip: (reason: string) => void;
  /** A reading was kept that ended in pain. */
  onPain: (reading: Reading) => void;
}

const ENDS = STOP_REASONS.filter((r) => r !== 'pain').map((id) => ({ id, label: END_FEEL_WORDS[id] }));

/** One read-out of one side: figure, value, trials, where it is felt and how it ends. */
export function ReadingPanel(props: ReadingPanelProps) {
  const { student, test, readout, side, variant, locked = false, warm = false, readings } = props;
  const { onChoose, onKept, onSkip, onPain } = props;
  const { db } = useStudio();
  const undo = useUndo();
  const draftId = `${student.id}/${test.id}/${readout.id}/${side}${variant ? `/${variant.id}` : ''}`;
  const [draft, change, forget] = useDraft(db, draftId);
  const [problem, setProblem] = useState<string | null>(null);
  const [asked, setAsked] = useState<{ question: string; text: string; instead?: number } | null>(null);
  const field = useRef<HTMLInputElement>(null);
  const build = useBuild(student);
  const age = new Date().getFullYear() - student.birthYear;
  const norm = normOf(readout, student.sexForNorms, age);
  const known = useMemo(() => latest(readings), [readings]);
  const kind = { test: test.id, readout: readout.id, variant: variant?.id, active: draft?.active };
  const before = known.find((r) => kindOf(r) === kindOf({ ...kind, side }));
  const across =
    side === 'both' ? undefined : known.find((r) => kindOf(r) === kindOf({ ...kind, side: otherSide(side) }));
  const gravity = useMemo(() => {
    const lever = leverOf(test.id, readout.id);
    if (!lever || lever.against === 0) return 0;
    const on = side === 'left' ? 'left' : 'right';
    const posture = testPosture(test, readout, on, 1, {});
    return lever.against * limbTorque(posture, build, student.mass_kg, lever.joint, on);
  }, [test, readout, side, build, student.mass_kg]);
  const felt = useMemo(
    () => ({ chosen: draft?.placeFelt, onChoose: (placeFelt: string | undefined) => change({ placeFelt }) }),
    // `change` is new at every drawing; what it does depends on the draft alone.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [draft],
  );
  if (!draft) return <Box />;

  const push = readout.unit === 'Nm_kg';
  const lastLever =
    draft.lever ??
    (before?.push ? String(before.push.lever_cm) : across?.push ? String(across.push.lever_cm) : undefined);
  const values = { ...draft, lever: lastLever };
  const typed = typedValue(draft.typed, readout);
  const usual = before ? meanOf(before.trials) : (norm?.mean ?? (readout.min + readout.max) / 2);
  const possible = !push && Number.isFinite(typed) && valueProblem(test.id, readout.id, typed) === null;
  const shown = possible
    ? typed
    : !push && draft.trials.length
      ? meanOf(draft.trials.map((t) => typedValue(t, readout)))
      : usual;
  const of: DraftOf = {
    student: student.id,
    mass_kg: student.mass_kg,
    test,
    readout,
    side,
    variant,
    warm,
    gravity_Nm: gravity,
    known: { sex: student.sexForNorms, age, before, across, expected: props.expected },
  };
  const set = (v: number) => {
    setProblem(null);
    setAsked(null);
    change({ typed: String(v), instrument: undefined, likelyError: undefined });
  };
  const addTrial = () => {
    const issue = trialProblem(draft.typed, values, of);
    setProblem(issue);
    if (issue) return;
    const text = push ? draft.typed : String(typedValue(draft.typed, readout));
    change({ trials: [...draft.trials, text].slice(-3), typed: '', lever: values.lever });
  };
  const sensation = test.sensations.find((s) => s.place === draft.placeFelt)?.action;
  const keep = async (painPressed: boolean) => {
    const pain = painPressed || sensation === 'stop' || draft.failure === 'pain' || draft.endFeel === 'pain';
    const result = readingFromDraft(values, of, { pain, id: newId(), takenAt: now(), ...whereAt() });
    setProblem(result.ok ? null : result.problem);
    if (!result.ok) return;
    const text = JSON.stringify([draft.trials, draft.typed]);
    // An unlikely value is asked about once: pressing again keeps it.
    if (result.question && asked?.text !== text) {
      setAsked({ question: result.question, text, instead: result.instead });
      return;
    }
    setAsked(null);
    const kept = await keepReadings(db, [result.reading], draftId);
    forget();
    const whose = side === 'both' ? '' : `, ${side}`;
    undo(
      `${readout.name}${whose}: ${withUnit(readout, meanOf(result.reading.trials))} is kept${pain ? ', ended by pain' : ''}.`,
      kept,
    );
    if (pain) {
      onSkip('ended by pain');
      onPain(result.reading);
    } else onKept(result.reading);
  };
  const take = (taken: Taken) => {
    setProblem(null);
    setAsked(null);
    const trials = draft.typed.trim() === '' ? draft.trials : draft.trials.slice(0, 2);
    const all = trials.length >= 3 ? trials.slice(1) : trials;
    change({
      trials: [...all, String(taken.value)],
      typed: '',
      instrument: taken.instrument,
      likelyError: taken.likelyError,
      failure: taken.failure,
      lever: values.lever,
    });
    field.current?.focus();
  };
  const onKey = numberPad({
    empty: draft.typed.trim() === '',
    onNudge: (by) => {
      const from = possible ? typed : push ? typedNumber(draft.typed || '0') : shown;
      const next = Math.round((from + by * (readout.unit === 'cm' ? 0.5 : 1)) * 10) / 10;
      if (push || (next >= readout.min && next <= readout.max)) set(next);
    },
    onPlace: () =>
      change({
        placeFelt: after(
          test.sensations.map((x) => x.place as string),
          draft.placeFelt,
        ),
      }),
    onEnd: () => change({ endFeel: after(STOP_REASONS as readonly string[], draft.endFeel) }),
    onKeep: draft.trials.length > 0 ? () => void keep(false) : null,
  });
  const takenBy =
    draft.instrument && draft.likelyError !== undefined
      ? `within ± ${draft.likelyError}${readout.unit === 'deg' ? '°' : ''}`
      : null;

  return (
    <Box
      component="section"
      aria-label={side === 'both' ? test.name : `${test.name}, ${side}`}
      onKeyDown={onKey}
      sx={{
        border: '1px solid var(--line)',
        borderRadius: 1.5,
        bgcolor: 'var(--surface)',
        px: 2,
        pt: 1.25,
        order: { xs: 1, md: 0 },
        minWidth: 0,
      }}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
        <Typography variant="h1" sx={{ flex: 1, fontSize: 20 }}>
          {test.name}
          {side !== 'both' && ` · ${side} ${SIDE_MARK[side]}`}
          {test.clinical !== test.name && (
            <Typography component="span" sx={{ display: 'block', color: 'var(--ink-2)', lineHeight: 1.2 }}>
              {test.clinical}
            </Typography>
          )}
        </Typography>
        {side !== 'both' && (
          <ToggleButtonGroup
            exclusive
            size="small"
            value={side}
            onChange={(_, v: ReadingSide | null) => v && onChoose({ side: v })}
            aria-label="Side"
            sx={{ '& .MuiToggleButton-root': { py: 0.3 } }}
          >
            <ToggleButton value="left">◁ left</ToggleButton>
            <ToggleButton value="right">right ▷</ToggleButton>
          </ToggleButtonGroup>
        )}
      </Box>
      <Typography sx={{ color: 'var(--ink-2)', mt: 0.25, fontSize: 14, lineHeight: 1.35 }}>
        {test.start} {test.hold} {test.move} <strong>{test.end}</strong>
      </Typography>
      <Box
        sx={{
          // As large as the screen leaves room for, without pushing what is asked below the fold.
          height: { xs: 260, md: `clamp(${test.readouts.length > 1 ? 156 : 180}px, calc(100vh - 620px), 420px)` },
        }}
      >
        <TestFigure
          test={test}
          readout={readout}
          side={side}
          value={shown}
          readings={readings}
          build={build}
          onSet={push ? undefined : set}
          felt={felt}
        />
      </Box>
      {test.readouts.length > 1 && (
        <Box role="group" aria-label="What is read" sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mb: 0.5 }}>
          {test.readouts.map((r) => (
            <Chip
              key={r.id}
              label={r.name}
              clickable
              aria-pressed={r.id === readout.id}
              color={r.id === readout.id ? 'primary' : 'default'}
              variant={r.id === readout.id ? 'filled' : 'outlined'}
              onClick={() => onChoose({ readout: r.id })}
              sx={{ height: 30 }}
            />
          ))}
        </Box>
      )}
      <ValueEntry
        readout={readout}
        draft={draft}
        shown={shown}
        inputRef={field}
        change={(part) => {
          setProblem(null);
          setAsked(null);
          change(part);
        }}
        onAdd={addTrial}
      >
        <Box
          role="group"
          aria-label="Take the value with"
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center', ml: -0.75 }}
        >
          <InstrumentButtons
            test={test}
            readout={readout}
            side={side}
            trial={draft.trials.length + 1}
            build={build}
            readings={readings}
            person={student}
            push={{
              manner: draft.manner ?? 'make',
              lever_cm: typedNumber(values.lever ?? ''),
              gravity_Nm: draft.gravity === false ? 0 : gravity,
              problem: push ? leverProblem(values.lever) : null,
            }}
            onTake={take}
            onProblem={setProblem}
          />
          {takenBy && <Typography variant="caption">last taken {takenBy}</Typography>}
          {draft.failure && <Typography variant="caption">ended: {draft.failure}</Typography>}
        </Box>
      </ValueEntry>
      {problem && (
        <Typography
          role="alert"
          sx={{ color: 'var(--ink)', bgcolor: 'var(--act-pale)', borderRadius: 1, p: 1, my: 0.5, fontWeight: 600 }}
        >
          {problem}
        </Typography>
      )}
      {asked && (
        <DoubtQuestion
          question={asked.question}
          inches={asked.instead}
          onKeep={() => void keep(false)}
          onInches={(cm) => {
            change({ trials: [], typed: String(cm) });
            setAsked(null);
          }}
          onLook={() => {
            setAsked(null);
            field.current?.focus();
          }}
        />
      )}
      {push ? (
        <PushDetails
          test={test}
          readout={readout}
          draft={values}
          change={change}
          mass_kg={student.mass_kg}
          gravity_Nm={gravity}
        />
      ) : readout.grades ? (
        <ChoiceChips
          question={norm ? `Grade; usual: ${withUnit(readout, norm.mean)} (${norm.source})` : 'Grade'}
          choices={readout.grades.map((words, i) => ({
            id: String(readout.min + i),
            label: `${readout.min + i} ${words}`,
          }))}
          chosen={draft.typed || draft.trials.at(-1)}
          onChoose={(g) => change({ typed: g ?? '' })}
        />
      ) : (
        <Ruler
          label={`Set ${readout.name}`}
          min={readout.min}
          max={readout.max}
          value={shown}
          unit={UNIT_WORDS[readout.unit]}
          step={readout.unit === 'cm' ? 0.5 : 1}
          band={norm && [norm.mean - norm.sd, norm.mean + norm.sd]}
          bandLabel={norm ? `typical: ${norm.group} (${norm.source})` : 'no norm: compare with other days'}
          marks={[
            ...(across && across.side !== 'both'
              ? [{ value: meanOf(across.trials), label: `${across.side} ${SIDE_MARK[across.side]}` }]
              : []),
            ...(before ? [{ value: meanOf(before.trials), label: 'before' }] : []),
          ]}
          onSet={set}
        />
      )}
      <ChoiceChips
        question="Where is it felt? (a chip, a ring on the figure, or ×)"
        choices={test.sensations.map((s) => ({ id: s.place, label: PLACE_WORDS[s.place], stops: s.action === 'stop' }))}
        chosen={draft.placeFelt}
        onChoose={(placeFelt) => change({ placeFelt })}
      />
      {sensation && sensation !== 'note' && (
        <Typography role="alert" sx={{ color: 'var(--caution)', fontWeight: 600, mt: 0.5 }}>
          {sensation === 'stop'
            ? '▲ Stop here. The reading is kept as ended by pain, and the next test comes up.'
            : '▲ Ease off, set the pelvis again, and go less far.'}
        </Typography>
      )}
      {test.kind !== 'strength' && (
        <ChoiceChips
          question="How does it end? (÷)"
          choices={ENDS}
          chosen={draft.endFeel}
          onChoose={(endFeel) => change({ endFeel })}
        />
      )}
      <HowDone
        test={test}
        readout={readout}
        variant={variant}
        locked={locked}
        draft={draft}
        change={change}
        onVariant={(id) => onChoose({ variant: id ?? null })}
      />
      <KeepBar onKeep={() => void keep(false)} onPain={() => void keep(true)} onSkip={onSkip} />
      <Typography variant="caption" component="p">
        {test.care} Smallest change that counts: {withUnit(readout, readout.detectable)}
        {readout.detectableShare && ` or ${Math.round(100 * readout.detectableShare)} % of the value`}{' '}
        {`(${readout.detectableSource})`}.
      </Typography>
      <EarlierReadings test={test} readout={readout} side={side} readings={readings} />
    </Box>
  );
}
