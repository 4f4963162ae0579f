'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import InputBase from '@mui/material/InputBase';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { otherSide, type Side } from '@/core/body';
import { SIDE_MARK } from '@/core/body/words';
import type { Student } from '@/core/people/student';
import { PLACE_WORDS } from '@/core/people/words';
import { normFor, type Readout, type TestDefinition } from '@/core/tests/definition';
import {
  latest,
  meanOf,
  readingSchema,
  spreadOf,
  STOP_REASONS,
  valueProblem,
  WIDE_SPREAD,
  type Reading,
} from '@/core/tests/reading';
import { END_FEEL_WORDS } from '@/core/tests/words';
import { keepReadings } from '@/store/changes';
import { newId, now } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { ChoiceChips } from './ChoiceChips';
import { Ruler } from './Ruler';
import { useBuild } from '../students/use-build';
import { TestFigure } from './TestFigure';
import { useDraft } from './use-draft';

interface ReadingPanelProps {
  student: Student;
  test: TestDefinition;
  readout: Readout;
  side: Side;
  readings: readonly Reading[];
  onChoose: (change: { side?: Side; readout?: string }) => void;
  onKept: () => void;
  onSkip: () => void;
}

const ENDS = STOP_REASONS.filter((r) => r !== 'pain').map((id) => ({ id, label: END_FEEL_WORDS[id] }));
const numberFrom = (text: string): number =>
  text.trim() === '' ? Number.NaN : Number(text.trim().replace(',', '.').replace('−', '-').replace('°', ''));

/** One read-out of one side: figure, value, trials, where it is felt and how it ends. */
export function ReadingPanel({ student, test, readout, side, readings, onChoose, onKept, onSkip }: ReadingPanelProps) {
  const { db } = useStudio();
  const undo = useUndo();
  const draftId = `${student.id}/${test.id}/${readout.id}/${side}`;
  const [draft, change, forget] = useDraft(db, draftId);
  const [problem, setProblem] = useState<string | null>(null);
  const build = useBuild(student);
  const norm = normFor(readout, student.sexForNorms);
  const known = latest(readings);
  const same = known.filter((r) => r.test === test.id && r.readout === readout.id);
  const before = same.find((r) => r.side === side);
  const across = same.find((r) => r.side === otherSide(side));
  const typed = draft ? numberFrom(draft.typed) : Number.NaN;
  const possible = Number.isFinite(typed) && valueProblem(test.id, readout.id, typed) === null;
  const shown = possible
    ? typed
    : draft?.trials.length
      ? meanOf(draft.trials.map(Number))
      : before
        ? meanOf(before.trials)
        : norm.mean;
  if (!draft) return <Box />;

  const addTrial = () => {
    const issue = valueProblem(test.id, readout.id, typed);
    setProblem(issue);
    if (!issue) change({ trials: [...draft.trials, String(typed)].slice(-3), typed: '' });
  };
  const sensation = test.sensations.find((s) => s.place === draft.placeFelt)?.action;
  const keep = async (painPressed: boolean) => {
    const pain = painPressed || sensation === 'stop';
    const trials = draft.trials.map(Number);
    if (draft.typed.trim() !== '') {
      const issue = valueProblem(test.id, readout.id, typed);
      setProblem(issue);
      if (issue) return;
      trials.push(typed);
    }
    if (trials.length === 0) {
      setProblem(
        pain
          ? 'Type the angle where it began to hurt, then press again. The test is over either way.'
          : `Type the reading first, for example ${Math.round(norm.mean)}.`,
      );
      return;
    }
    const tilt = draft.tilt?.trim() ? numberFrom(draft.tilt) : undefined;
    if (tilt !== undefined && !(tilt >= -40 && tilt <= 60)) {
      setProblem('The second inclinometer reads between −40° and 60°. Leave it empty if there is none.');
      return;
    }
    const reading = readingSchema.parse({
      id: newId(),
      student: student.id,
      test: test.id,
      readout: readout.id,
      side,
      trials: trials.slice(-3),
      unit: 'deg',
      takenAt: now(),
      placeFelt: draft.placeFelt,
      endFeel: pain ? 'pain' : draft.endFeel,
      pain: pain || undefined,
      pelvicTilt_deg: tilt,
    });
    const kept = await keepReadings(db, [reading], draftId);
    forget();
    undo(
      `${readout.name}, ${side}: ${meanOf(reading.trials).toFixed(0)}° is kept${pain ? ', ended by pain' : ''}.`,
      kept,
    );
    if (pain) onSkip();
    else onKept();
  };
  const count = draft.trials.length;
  const spread = count > 1 ? spreadOf(draft.trials.map(Number)) : 0;

  return (
    <Box
      component="section"
      aria-label={`${test.name}, ${side}`}
      sx={{
        border: '1px solid var(--line)',
        borderRadius: 1.5,
        bgcolor: 'var(--surface)',
        px: 2,
        pt: 1.5,
        order: { xs: 1, md: 0 },
      }}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
        <Typography variant="h1" sx={{ flex: 1, fontSize: 20 }}>
          {test.name} · {side} {SIDE_MARK[side]}
        </Typography>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={side}
          onChange={(_, v: Side | null) => v && onChoose({ side: v })}
          aria-label="Side"
          sx={{ '& .MuiToggleButton-root': { py: 0.4 } }}
        >
          <ToggleButton value="left">◁ left</ToggleButton>
          <ToggleButton value="right">right ▷</ToggleButton>
        </ToggleButtonGroup>
      </Box>
      <Typography sx={{ color: 'var(--ink-2)', mt: 0.25, fontSize: 14, lineHeight: 1.4 }}>
        {test.start} {test.hold} {test.move} <strong>{test.end}</strong>
      </Typography>
      <Box sx={{ height: { xs: 220, md: test.readouts.length > 1 ? 160 : 186 } }}>
        <TestFigure test={test} readout={readout} side={side} value={shown} readings={readings} build={build} />
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
            />
          ))}
        </Box>
      )}
      <Box
        component="form"
        onSubmit={(e) => {
          e.preventDefault();
          addTrial();
        }}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center' }}
      >
        <Box
          sx={{
            display: 'flex',
            alignItems: 'baseline',
            borderBottom: '2px solid var(--act)',
            '&:focus-within': { bgcolor: 'var(--act-pale)' },
          }}
        >
          <InputBase
            value={draft.typed}
            autoFocus
            onChange={(e) => {
              setProblem(null);
              change({ typed: e.target.value });
            }}
            placeholder={String(Math.round(shown))}
            inputProps={{ 'aria-label': `${readout.name}, degrees`, inputMode: 'decimal', autoComplete: 'off' }}
            sx={{
              width: `${Math.max(1, (draft.typed || String(Math.round(shown))).length) * 0.62 + 0.1}em`,
              fontSize: 60,
              fontWeight: 700,
              lineHeight: 1,
              '& input': { p: 0, fontVariantNumeric: 'tabular-nums' },
              '& input::placeholder': { color: 'var(--contour)', opacity: 1 },
            }}
          />
          <Box component="span" sx={{ fontSize: 40, fontWeight: 700 }}>
            °
          </Box>
        </Box>
        <Box sx={{ flex: '1 1 150px' }}>
          <Typography sx={{ fontWeight: 600 }}>{readout.name}</Typography>
          <Typography variant="caption" component="p">
            0 = {readout.zero}
          </Typography>
          <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', alignItems: 'center' }}>
            {draft.trials.map((t, i) => (
              <Chip
                key={i}
                size="small"
                label={`${t}°`}
                onDelete={() => change({ trials: draft.trials.filter((_, k) => k !== i) })}
                sx={{ height: 26 }}
              />
            ))}
            {count > 1 && (
              <Typography variant="caption" sx={{ fontWeight: spread > WIDE_SPREAD ? 700 : 400 }}>
                spread {spread.toFixed(0)}°{spread > WIDE_SPREAD ? ', wide: measure once more' : ', fine'}
              </Typography>
            )}
          </Box>
        </Box>
        {readout.pelvisShares && (
          <TextField
            label="Pelvis tilt °"
            value={draft.tilt ?? ''}
            onChange={(e) => change({ tilt: e.target.value })}
            sx={{ width: 118 }}
            slotProps={{
              htmlInput: {
                inputMode: 'decimal',
                title:
                  'From a second inclinometer on the pelvis, if you have one: it takes the pelvis out of the reading.',
              },
            }}
          />
        )}
        <Button type="submit" variant="outlined" disabled={count >= 3}>
          {count >= 3 ? 'Three trials' : `Add trial ${count + 1} of 3`}
        </Button>
      </Box>
      {problem && (
        <Typography
          role="alert"
          sx={{ color: 'var(--ink)', bgcolor: 'var(--act-pale)', borderRadius: 1, p: 1, mt: 1, fontWeight: 600 }}
        >
          {problem}
        </Typography>
      )}
      <Ruler
        label={`Set ${readout.name}`}
        min={readout.min}
        max={readout.max}
        value={shown}
        band={[norm.mean - norm.sd, norm.mean + norm.sd]}
        bandLabel={`typical: ${norm.group} (${norm.source})`}
        marks={[
          ...(across
            ? [{ value: meanOf(across.trials), label: `${otherSide(side)} ${SIDE_MARK[otherSide(side)]}` }]
            : []),
          ...(before ? [{ value: meanOf(before.trials), label: 'before' }] : []),
        ]}
        onSet={(v) => {
          setProblem(null);
          change({ typed: String(v) });
        }}
      />
      <ChoiceChips
        question="Where is it felt?"
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
      <ChoiceChips
        question="How does it end?"
        choices={ENDS}
        chosen={draft.endFeel}
        onChoose={(endFeel) => change({ endFeel })}
      />
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          gap: 1.5,
          mt: 1,
          py: 1,
          alignItems: 'center',
          position: 'sticky',
          bottom: 0,
          bgcolor: 'var(--surface)',
          borderTop: '1px solid var(--line)',
          zIndex: 2,
        }}
      >
        <Button variant="contained" onClick={() => void keep(false)}>
          Keep and go on
        </Button>
        <Button variant="outlined" color="warning" onClick={() => void keep(true)}>
          ▲ Pain, stop
        </Button>
        <Button onClick={onSkip}>Skip this test</Button>
      </Box>
      <Typography variant="caption" component="p" sx={{ pb: 1 }}>
        {test.care} What spoils it: {test.spoils.join(', ')}. Smallest change that counts: {readout.detectable}°{' '}
        {`(${readout.detectableSource})`}.
      </Typography>
    </Box>
  );
}
