'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import {
  depthOf,
  isHeld,
  mirroredRung,
  withAngles,
  withoutRung,
  withRung,
  withRungAfter,
  type End,
} from '@/core/pose-editor/edit';
import { problemsAt, TIPS_OVER } from '@/core/pose-editor/problems';
import { meantFor, notReady } from '@/core/pose-editor/ready';
import { readAt } from '@/core/fit/fit';
import { comfortOf } from '@/core/fit/way';
import type { Rung } from '@/core/poses';
import type { OwnShape } from '@/core/poses/schema';
import { BenchFigure } from './BenchFigure';
import { BenchHead, BenchNotes } from './BenchHead';
import { BenchPanels } from './BenchPanels';
import { BenchProblems, BenchReading } from './BenchReading';
import { ReadFor } from './ReadFor';
import { RungButtons } from './RungButtons';
import { SettleButton } from './SettleButton';
import { useBench } from './use-bench';
import { useReadFor } from './use-for';
import { WhichEnd } from './WhichEnd';

/**
 * One own pose on the bench: figure with knobs, what it does and what cannot be, and everything about it to be changed.
 */
export function BenchEditor({ stored }: { stored: OwnShape }) {
  const bench = useBench(stored);
  const { shape, change } = bench;
  const [at, setAt] = useState(0);
  const [end, setEnd] = useState<End>('full');
  const [between, setBetween] = useState<number | null>(null);
  const [ownEntry, setOwnEntry] = useState(false);
  const [stays, setStays] = useState(true);
  const [pulling, setPulling] = useState(false);
  const [who, setWho] = useState<string | null>(null);
  const [refused, setRefused] = useState<readonly string[]>([]);
  const { posterior, build, way, busy } = useReadFor(who);

  const i = Math.min(at, shape.rungs.length - 1);
  const rung = shape.rungs[i];
  const oneShape = isHeld(rung) && !ownEntry;
  const shownEnd: End = oneShape ? 'full' : end;
  const depth = between ?? depthOf(shownEnd);
  // The figure follows the finger first; numbers and panels follow as soon as there is time.
  const now = useMemo(() => ({ shape, at: i, depth }), [shape, i, depth]);
  const slow = useDeferredValue(now);
  const reading = useMemo(
    () => readAt({ shape: slow.shape, rung: slow.at + 1, side: 'right' }, slow.depth, { posterior, build }, { way }),
    [slow, posterior, build, way],
  );
  const problems = useMemo(() => {
    const found = problemsAt(slow.shape, slow.shape.rungs[slow.at], 'right', slow.depth, build);
    return reading.tips ? [TIPS_OVER, ...found] : found;
  }, [slow, build, reading.tips]);

  const setRung = useCallback(
    (next: Rung, mark?: string) => {
      setRefused([]);
      change((s) => withRung(s, i, next), mark);
    },
    [change, i],
  );
  const pulled = (next: Rung, mark: string) => {
    setPulling(true);
    setRung(next, mark);
  };
  const toLibrary = (on: boolean) => {
    if (!on) return change((s) => ({ ...s, inLibrary: false }));
    const why = notReady(shape);
    setRefused(why);
    if (why.length === 0) change((s) => ({ ...s, ...meantFor(s), inLibrary: true }));
  };

  return (
    <Box sx={{ p: 2 }}>
      <BenchHead bench={bench} onMirror={() => setRung(mirroredRung(rung))} onLibrary={toLibrary} />
      <BenchNotes bench={bench} stored={stored} obstacles={refused.length > 0 ? refused : bench.dropped} />
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'minmax(0, 1fr) 250px', lg: 'minmax(0, 1fr) 250px 340px' },
          alignItems: 'start',
        }}
      >
        <Box component="section" aria-label={say('The shape')} sx={{ minWidth: 0 }}>
          <WhichEnd
            oneShape={oneShape}
            end={shownEnd}
            depth={depth}
            between={between !== null}
            onEnd={(v) => {
              setBetween(null);
              setEnd(v);
            }}
            onLook={setBetween}
            onOwnEntry={() => setOwnEntry(true)}
            onOneShape={() => {
              setOwnEntry(false);
              setBetween(null);
              setRung(withAngles(rung, 'full', rung.path[2], true));
            }}
          />
          <Box
            sx={{
              height: { xs: 330, sm: 400, lg: 430 },
              border: '1px solid var(--line)',
              borderRadius: 1.5,
              bgcolor: 'var(--surface)',
              my: 1,
            }}
          >
            <BenchFigure
              shape={shape}
              rung={rung}
              depth={depth}
              end={between === null ? shownEnd : null}
              oneShape={oneShape}
              stays={stays}
              build={build}
              tolerances={posterior.mean}
              work={reading.work}
              onChange={pulled}
              onEnd={() => setPulling(false)}
            />
          </Box>
          {between !== null && <OnTheWay />}
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
            <FormControlLabel
              control={<Switch size="small" checked={stays} onChange={(_, on) => setStays(on)} />}
              label={say('what bears stays put')}
            />
            <SettleButton shape={shape} at={i} onSettled={setRung} />
          </Box>
          <BenchProblems problems={problems} />
          <RungButtons
            rungs={shape.rungs}
            at={i}
            onOpen={(k) => {
              setAt(k);
              setOwnEntry(false);
              setBetween(null);
            }}
            onAdd={() => {
              change((s) => withRungAfter(s, i));
              setAt(i + 1);
            }}
            onRemove={() => change((s) => withoutRung(s, i))}
          />
        </Box>
        <Box
          component="section"
          aria-label={say('What it does')}
          sx={{ minWidth: 0, gridRow: { sm: '1 / span 2', lg: 'auto' }, gridColumn: { sm: '2', lg: 'auto' } }}
        >
          <ReadFor who={who} onChoose={setWho} />
          {busy && <Typography variant="caption">{say('Reading the tests …')}</Typography>}
          <BenchReading reading={reading} comfort={comfortOf(rung, way)} />
        </Box>
        <BenchPanels
          shape={pulling ? slow.shape : shape}
          at={pulling ? slow.at : i}
          end={shownEnd}
          oneShape={oneShape}
          depth={depth}
          onRung={setRung}
          onShape={change}
        />
      </Box>
    </Box>
  );
}

const OnTheWay = () => (
  <Typography variant="body2">{say('This is the way in between. Choose an end above to change it.')}</Typography>
);
