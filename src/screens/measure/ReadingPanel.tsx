'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import type { ReadoutId } from '@/core/assessment/definition';
import { typedNumber } from '@/core/measuring/typed';
import { STOP_REASONS, withUnit, type ReadingSide } from '@/core/assessment/reading';
import { DoubtQuestion } from './DoubtQuestion';
import { EarlierReadings } from './EarlierReadings';
import { FeltAndEnd } from './FeltAndEnd';
import { HowDone } from './HowDone';
import { KeepBar } from './KeepBar';
import { after, numberPad } from './number-pad';
import { ReadingHead } from './ReadingHead';
import { ReadingScale } from './ReadingScale';
import { ReadoutChips } from './ReadoutChips';
import { TakeWith } from './TakeWith';
import { TestFigure } from './TestFigure';
import type { QueueEntry } from './TestQueue';
import { useReading, type AfterReading, type Read, type Taking } from './use-reading';
import { ValueEntry } from './ValueEntry';

interface ReadingPanelProps extends Read, AfterReading {
  /** What a caution closes of this test: its usual way, or one side. */
  closed?: Pick<QueueEntry, 'lock' | 'shutSides'>;
  onChoose: (change: { side?: ReadingSide; readout?: ReadoutId; variant?: string | null }) => void;
}

/** One read-out of one side: figure, value, trials, where it is felt and how it ends. */
export function ReadingPanel(props: ReadingPanelProps) {
  const { test, readout, side, variant, closed, readings, onChoose, onSkip } = props;
  const taking = useReading(props, props);
  const { draft, change } = taking ?? {};
  const felt = useMemo(
    () => ({ chosen: draft?.placeFelt, onChoose: (placeFelt: string | undefined) => change?.({ placeFelt }) }),
    // `change` is new at every drawing; what it does depends on the draft alone.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [draft],
  );
  if (!taking) return <Box />;
  const { asked, keep, problem } = taking;
  return (
    <Box
      component="section"
      aria-label={side === 'both' ? say(test.name) : `${say(test.name)}, ${say(side)}`}
      onKeyDown={keysOf(props, taking)}
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
      <ReadingHead
        test={test}
        side={side}
        variant={variant}
        shut={closed?.shutSides ?? []}
        onSide={(s) => onChoose({ side: s })}
      />
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
          variant={variant}
          value={taking.shown}
          readings={readings}
          build={taking.build}
          onSet={taking.push ? undefined : taking.set}
          felt={felt}
        />
      </Box>
      <ReadoutChips test={test} chosen={readout.id} onChoose={(r) => onChoose({ readout: r })} />
      <ValueEntry
        readout={readout}
        draft={taking.draft}
        shown={taking.shown}
        inputRef={taking.field}
        change={taking.changeAnew}
        onAdd={taking.addTrial}
      >
        <TakeWith read={props} taking={taking} />
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
          onKeep={() => keep(false)}
          onInches={(cm) => taking.changeAnew({ trials: [], typed: String(cm) })}
          onLook={() => {
            taking.changeAnew({});
            taking.field.current?.focus();
          }}
        />
      )}
      <ReadingScale read={props} taking={taking} />
      <FeltAndEnd test={test} taking={taking} />
      <HowDone
        test={test}
        readout={readout}
        variant={variant}
        locked={closed !== undefined && closed.lock !== null}
        draft={taking.draft}
        change={taking.change}
        onVariant={(id) => onChoose({ variant: id ?? null })}
      />
      <KeepBar onKeep={() => keep(false)} onPain={() => keep(true)} onSkip={onSkip} />
      <Typography variant="caption" component="p">
        {say('{{care}} Smallest change that counts: {{withUnit}}', {
          care: say(test.care),
          withUnit: withUnit(readout, readout.detectable),
        })}
        {readout.detectableShare &&
          say(' or {{count}} % of the value', { count: Math.round(100 * readout.detectableShare) })}{' '}
        {`(${say(readout.detectableSource)})`}.
      </Typography>
      <EarlierReadings test={test} readout={readout} side={side} readings={readings} />
    </Box>
  );
}

/** What the keys of a number pad do: one step more or less, the next place, the next end, keep. */
function keysOf({ test, readout }: Read, { draft, push, possible, typed, shown, set, change, keep }: Taking) {
  return numberPad({
    empty: draft.typed.trim() === '',
    onNudge: (by) => {
      const from = possible ? typed : push ? typedNumber(draft.typed || '0') : shown;
      const next = Math.round((from + by * (readout.unit === 'cm' ? 0.5 : 1)) * 10) / 10;
      if (push || (next >= readout.min && next <= readout.max)) set(next);
    },
    onPlace: () => {
      const places = test.sensations.map((x): string => x.place);
      change({ placeFelt: after(places, draft.placeFelt) });
    },
    onEnd: () => change({ endFeel: after(STOP_REASONS as readonly string[], draft.endFeel) }),
    onKeep: draft.trials.length > 0 ? () => keep(false) : null,
  });
}
