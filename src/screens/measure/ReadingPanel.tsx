'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import InputBase from '@mui/material/InputBase';
import Slider from '@mui/material/Slider';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { otherSide, type Side } from '@/core/body';
import { stretchAt } from '@/core/fit/stretch';
import { contextOf } from '@/core/limits';
import { placeSchema, type Student } from '@/core/people/student';
import { PLACE_WORDS } from '@/core/people/words';
import { normFor, type Readout, type TestDefinition } from '@/core/tests/definition';
import { testPosture } from '@/core/tests/drawn';
import {
  latest,
  meanOf,
  readingSchema,
  spreadOf,
  STOP_REASONS,
  valueProblem,
  type Reading,
} from '@/core/tests/reading';
import { END_FEEL_WORDS } from '@/core/tests/words';
import { Figure } from '@/figure/Figure';
import { seaTint } from '@/figure/scales';
import { keepReadings } from '@/store/changes';
import { newId, now } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { Ruler } from './Ruler';
import { useDraft } from './use-draft';

interface ReadingPanelProps {
  student: Student;
  test: TestDefinition;
  readout: Readout;
  side: Side;
  readings: readonly Reading[];
  marks: Record<Side | 'both', string>;
  onChoose: (change: { side?: Side; readout?: string }) => void;
  onKept: () => void;
  onSkip: () => void;
}

const ENDS = STOP_REASONS.filter((r) => r !== 'pain');
const numberFrom = (text: string): number =>
  text.trim() === '' ? Number.NaN : Number(text.trim().replace(',', '.').replace('°', ''));
/** Spread of trials that is more than the hand's own error, degrees (rule of thumb). */
const WIDE = 6;

/** From where a movement reads best: turning is seen along the thigh, drifting from above. */
function viewOf(readout: Readout, side: Side) {
  if (readout.id === 'hip-abduction') return { yaw: side === 'right' ? -35 : 35, pitch: 60 };
  if (readout.id.endsWith('rotation')) return { yaw: side === 'right' ? -70 : 110, pitch: 20 };
  return { yaw: side === 'right' ? 10 : 170, pitch: 8 };
}

/** One read-out of one side: figure, value, trials, where it is felt and how it ends. */
export function ReadingPanel({
  student,
  test,
  readout,
  side,
  readings,
  marks,
  onChoose,
  onKept,
  onSkip,
}: ReadingPanelProps) {
  const { db } = useStudio();
  const undo = useUndo();
  const [draft, change, forget] = useDraft(db, `${student.id}/${test.id}/${readout.id}/${side}`);
  const [problem, setProblem] = useState<string | null>(null);
  const norm = normFor(readout, student.sexForNorms);
  const known = latest(readings);
  const same = known.filter((r) => r.test === test.id && r.readout === readout.id);
  const before = same.find((r) => r.side === side);
  const across = same.find((r) => r.side === otherSide(side));
  const blank: Reading = {
    id: '',
    student: student.id,
    test: test.id,
    readout: readout.id,
    side,
    trials: [0],
    unit: 'deg',
    takenAt: '',
  };
  const context = contextOf(blank, known);
  const typed = draft ? numberFrom(draft.typed) : Number.NaN;
  const shown =
    Number.isFinite(typed) && valueProblem(test.id, readout.id, typed) === null
      ? typed
      : draft?.trials.length
        ? meanOf(draft.trials.map(Number))
        : before
          ? meanOf(before.trials)
          : norm.mean;
  const posture = testPosture(test, readout, side, shown, context);
  const tints = stretchAt(posture)
    .filter((t) => t.side === side && t.stretch > 0.35)
    .map((t) => ({ structure: t.structure, side: t.side, fill: seaTint(t.stretch) }));
  const sceneProps = test.position === 'table edge' ? [{ kind: 'table' as const, at: 'pelvis' }] : [];
  const view = viewOf(readout, side);
  if (!draft) return <Box />;

  const addTrial = (): boolean => {
    const issue = valueProblem(test.id, readout.id, typed);
    setProblem(issue);
    if (issue) return false;
    change({ trials: [...draft.trials, String(typed)].slice(-3), typed: '' });
    return true;
  };
  const keep = async (pain: boolean) => {
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
          : 'Type the reading first, for example ' + Math.round(norm.mean) + '.',
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
    const kept = await keepReadings(db, [reading], `${student.id}/${test.id}/${readout.id}/${side}`);
    forget();
    undo(`${side} ${meanOf(reading.trials).toFixed(0)}° is kept${pain ? ', ended by pain' : ''}.`, kept);
    if (pain) onSkip();
    else onKept();
  };
  const count = draft.trials.length;
  const spread = count > 1 ? spreadOf(draft.trials.map(Number)) : 0;
  const stops = test.sensations.find((s) => s.place === draft.placeFelt)?.action;

  return (
    <Box
      component="section"
      aria-label={`${test.name}, ${side}`}
      sx={{
        border: '1px solid var(--line)',
        borderRadius: 1.5,
        bgcolor: 'var(--surface)',
        p: 2,
        pb: 0.5,
        order: { xs: 1, md: 0 },
      }}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
        <Typography variant="h1" sx={{ flex: 1, fontSize: 20 }}>
          {test.name} · {side} {marks[side]}
        </Typography>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={side}
          onChange={(_, v: Side | null) => v && onChoose({ side: v })}
          aria-label="Side"
        >
          <ToggleButton value="left">◁ left</ToggleButton>
          <ToggleButton value="right">right ▷</ToggleButton>
        </ToggleButtonGroup>
      </Box>
      <Typography sx={{ color: 'var(--ink-2)', mt: 0.5 }}>
        {test.start} {test.hold} {test.move} <strong>{test.end}</strong>
      </Typography>
      <Box sx={{ height: { xs: 190, md: 178 }, my: 0.5 }}>
        <Figure
          label={`${test.name}, ${side} side, at ${Math.round(shown)} degrees.`}
          posture={posture}
          tints={tints}
          props={sceneProps}
          view={view}
          turns
        />
      </Box>
      {test.readouts.length > 1 && (
        <Box role="group" aria-label="What is read" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 1 }}>
          {test.readouts.map((r) => (
            <Chip
              key={r.id}
              label={r.name}
              clickable
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
        <Box sx={{ display: 'flex', alignItems: 'baseline', borderBottom: '2px solid var(--act)' }}>
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
              width: `${Math.max(2, draft.typed.length || 2) * 0.62 + 0.1}em`,
              fontSize: 56,
              fontWeight: 700,
              lineHeight: 1,
              '& input': { p: 0, fontVariantNumeric: 'tabular-nums' },
            }}
          />
          <Box component="span" sx={{ fontSize: 40, fontWeight: 700 }}>
            °
          </Box>
        </Box>
        <Box sx={{ flex: '1 1 180px' }}>
          <Typography>{readout.name}</Typography>
          <Typography variant="caption" component="p">
            0 = {readout.zero}
          </Typography>
          <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', mt: 0.5 }}>
            {draft.trials.map((t, i) => (
              <Chip
                key={i}
                size="small"
                label={`${t}°`}
                onDelete={() => change({ trials: draft.trials.filter((_, k) => k !== i) })}
              />
            ))}
            {count > 1 && (
              <Typography
                variant="caption"
                sx={{ color: spread > WIDE ? 'var(--ink)' : undefined, fontWeight: spread > WIDE ? 700 : 400 }}
              >
                spread {spread.toFixed(0)}°{spread > WIDE ? ', wide: measure once more' : ', fine'}
              </Typography>
            )}
          </Box>
        </Box>
        <Button type="submit" variant="outlined" disabled={count >= 3}>
          Add trial {Math.min(3, count + 1)} of 3
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
      <Slider
        aria-label={`Set ${readout.name}`}
        size="small"
        min={readout.min}
        max={readout.max}
        step={1}
        value={shown}
        onChange={(_, v) => {
          setProblem(null);
          change({ typed: String(v) });
        }}
        sx={{ mt: 0.5 }}
      />
      <Ruler
        min={readout.min}
        max={readout.max}
        band={[norm.mean - norm.sd, norm.mean + norm.sd]}
        bandLabel={`typical: ${norm.group} (${norm.source})`}
        marks={[
          { value: shown, label: 'now', strong: true },
          ...(across ? [{ value: meanOf(across.trials), label: otherSide(side) }] : []),
          ...(before ? [{ value: meanOf(before.trials), label: 'before' }] : []),
        ]}
      />
      <Typography variant="caption" component="p" sx={{ mt: 0.5 }}>
        Where is it felt?
      </Typography>
      <Box role="group" aria-label="Where is it felt?" sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
        {test.sensations.map((s) => (
          <Chip
            key={s.place}
            clickable
            label={`${s.action === 'stop' ? '▲ ' : ''}${PLACE_WORDS[s.place]}`}
            color={draft.placeFelt === s.place ? (s.action === 'stop' ? 'error' : 'primary') : 'default'}
            variant={draft.placeFelt === s.place ? 'filled' : 'outlined'}
            aria-pressed={draft.placeFelt === s.place}
            onClick={() => change({ placeFelt: draft.placeFelt === s.place ? undefined : placeSchema.parse(s.place) })}
            sx={
              s.action === 'stop' && draft.placeFelt !== s.place
                ? { color: 'var(--caution)', borderColor: 'var(--caution)' }
                : undefined
            }
          />
        ))}
      </Box>
      {stops && stops !== 'note' && (
        <Typography role="alert" sx={{ color: 'var(--caution)', fontWeight: 600, mt: 0.5 }}>
          {stops === 'stop'
            ? '▲ Stop this test here and keep it as ended by pain.'
            : '▲ Ease off, set the pelvis again, and go less far.'}
        </Typography>
      )}
      <Typography variant="caption" component="p" sx={{ mt: 1 }}>
        How does it end?
      </Typography>
      <Box role="group" aria-label="How does it end?" sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
        {ENDS.map((e) => (
          <Chip
            key={e}
            clickable
            label={END_FEEL_WORDS[e]}
            color={draft.endFeel === e ? 'primary' : 'default'}
            variant={draft.endFeel === e ? 'filled' : 'outlined'}
            aria-pressed={draft.endFeel === e}
            onClick={() => change({ endFeel: draft.endFeel === e ? undefined : e })}
          />
        ))}
      </Box>
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
        <Button variant="contained" size="large" onClick={() => void keep(false)}>
          Keep and go on
        </Button>
        <Button variant="outlined" color="error" size="large" onClick={() => void keep(true)}>
          ▲ Pain, stop
        </Button>
        <Button onClick={onSkip}>Skip this test</Button>
        <TextField
          label="Pelvis tilt, if read °"
          value={draft.tilt ?? ''}
          onChange={(e) => change({ tilt: e.target.value })}
          sx={{ width: 190 }}
          slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        />
      </Box>
      <Typography variant="caption" component="p" sx={{ mt: 1 }}>
        {test.care} What spoils it: {test.spoils.join(', ')}. Smallest change that counts: {readout.detectable}° (
        {readout.detectableSource}
        ).
      </Typography>
    </Box>
  );
}
