'use client';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Slider from '@mui/material/Slider';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { useSnackbar } from 'notistack';
import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import {
  depthOf,
  isHeld,
  mirrored,
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
import { writePose } from '@/core/formats/pose';
import type { Rung } from '@/core/poses';
import type { OwnShape } from '@/core/poses/schema';
import { core } from '@/workers/use-core';
import { saveFile } from '../shell/save-file';
import { useStudio } from '../shell/studio-context';
import { BenchFigure } from './BenchFigure';
import { BenchPanels } from './BenchPanels';
import { BenchProblems, BenchReading } from './BenchReading';
import { useBench } from './use-bench';
import { useReadFor } from './use-for';
import { Words } from './WordPanel';
import { useKeys } from '../shell/use-keys';

/** Rungs that a pose may have. */
const MOST_RUNGS = 6;

/** One own pose on the bench: figure with knobs, what it does and what cannot be, and everything about it to be changed. */
export function BenchEditor({ stored }: { stored: OwnShape }) {
  const { db, base } = useStudio();
  const { enqueueSnackbar } = useSnackbar();
  const bench = useBench(stored);
  const { shape, change, undo, redo, flush } = bench;
  const [at, setAt] = useState(0);
  const [end, setEnd] = useState<End>('full');
  const [between, setBetween] = useState<number | null>(null);
  const [ownEntry, setOwnEntry] = useState(false);
  const [stays, setStays] = useState(true);
  const [pulling, setPulling] = useState(false);
  const [who, setWho] = useState<string | null>(null);
  const [settling, setSettling] = useState(false);
  const [refused, setRefused] = useState<readonly string[]>([]);
  const students = useLiveQuery(() => db.students.orderBy('name').toArray(), [db]) ?? [];
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
  // A field that is being typed in has a way back of its own.
  useKeys((e) => {
    if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'z') return;
    e.preventDefault();
    if (e.shiftKey) redo();
    else undo();
  });

  const settle = async () => {
    setSettling(true);
    try {
      const settled = await core().settle(shape, i);
      setRung(settled);
    } catch (error) {
      enqueueSnackbar(`It could not be settled: ${error instanceof Error ? error.message : String(error)}`, {
        variant: 'error',
      });
    } finally {
      setSettling(false);
    }
  };
  const toLibrary = (on: boolean) => {
    if (!on) return change((s) => ({ ...s, inLibrary: false }));
    const why = notReady(shape);
    setRefused(why);
    if (why.length === 0) change((s) => ({ ...s, ...meantFor(s), inLibrary: true }));
  };
  const obstacles = refused.length > 0 ? refused : bench.dropped;

  return (
    <Box sx={{ p: 2 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mb: 1 }}>
        <Typography variant="h1" sx={{ fontSize: 20 }}>
          Pose bench
        </Typography>
        <Box sx={{ flex: '1 1 200px', maxWidth: 320 }}>
          <Words
            label="Name"
            value={shape.name}
            most={60}
            needed
            onPut={(name) => change((s) => ({ ...s, name }), 'name')}
          />
        </Box>
        <Button size="small" disabled={!bench.canUndo} onClick={undo}>
          Undo
        </Button>
        <Button size="small" disabled={!bench.canRedo} onClick={redo}>
          Redo
        </Button>
        <Button size="small" onClick={() => setRung(mirrored(rung))}>
          Mirror
        </Button>
        <Button
          size="small"
          onClick={() => saveFile(`${shape.name.replace(/[^\p{L}\p{N}]+/gu, '-')}.json`, writePose(shape))}
        >
          Take out
        </Button>
        <FormControlLabel
          control={<Switch size="small" checked={shape.inLibrary} onChange={(_, on) => toLibrary(on)} />}
          label="in the library"
        />
        <Box sx={{ flex: 1 }} />
        <Button size="small" component={Link} href={`${base}/poses/bench`} onClick={() => void flush()}>
          All my poses
        </Button>
      </Box>
      {stored.updatedAt > bench.savedAt && (
        <Alert
          severity="warning"
          sx={{ mb: 1 }}
          action={
            <Button color="inherit" size="small" onClick={() => bench.adopt(stored)}>
              Show that one
            </Button>
          }
        >
          This pose was changed in another window. What you change here next replaces it.
        </Alert>
      )}
      {obstacles.length > 0 && (
        <Alert severity="info" role="alert" sx={{ mb: 1 }}>
          <strong>It stays on the bench until it can be done.</strong> {obstacles.slice(0, 3).join(' ')}
          {obstacles.length > 3 ? ` And ${obstacles.length - 3} more.` : ''}
        </Alert>
      )}
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'minmax(0, 1fr) 250px', lg: 'minmax(0, 1fr) 250px 340px' },
          alignItems: 'start',
        }}
      >
        <Box component="section" aria-label="The shape" sx={{ minWidth: 0 }}>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
            {oneShape && <Typography>One shape, held.</Typography>}
            {!oneShape && (
              <ToggleButtonGroup
                exclusive
                size="small"
                aria-label="Which end"
                value={between === null ? shownEnd : null}
                onChange={(_, v: End | null) => {
                  if (v === null && between === null) return;
                  setBetween(null);
                  setEnd(v ?? shownEnd);
                }}
              >
                <ToggleButton value="entry">entry</ToggleButton>
                <ToggleButton value="full">full depth</ToggleButton>
              </ToggleButtonGroup>
            )}
            {oneShape ? (
              <Button size="small" onClick={() => setOwnEntry(true)}>
                Give it an entry of its own
              </Button>
            ) : (
              <>
                <Slider
                  size="small"
                  aria-label="Look along the way"
                  min={0}
                  max={100}
                  value={Math.round(depth * 100)}
                  onChange={(_, v) => setBetween(Number(v) / 100)}
                  sx={{ flex: '1 1 80px', maxWidth: 140, mx: 1 }}
                />
                <Button
                  size="small"
                  onClick={() => {
                    setOwnEntry(false);
                    setBetween(null);
                    setRung(withAngles(rung, 'full', rung.path[2], true));
                  }}
                >
                  One held shape
                </Button>
              </>
            )}
          </Box>
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
          {between !== null && (
            <Typography variant="body2">This is the way in between. Choose an end above to change it.</Typography>
          )}
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
            <FormControlLabel
              control={<Switch size="small" checked={stays} onChange={(_, on) => setStays(on)} />}
              label="what bears stays put"
            />
            <Button size="small" variant="outlined" disabled={settling} onClick={() => void settle()}>
              {settling ? 'Settling …' : 'Settle on what it touches'}
            </Button>
          </Box>
          <BenchProblems problems={problems} />
          <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap', alignItems: 'center', mt: 1 }}>
            <Typography variant="h3" sx={{ mr: 1 }}>
              Rungs
            </Typography>
            {shape.rungs.map((r, k) => (
              <Button
                key={`${k}${r.name}`}
                size="small"
                aria-current={k === i ? 'step' : undefined}
                sx={{ fontWeight: k === i ? 700 : 400, maxWidth: 190 }}
                onClick={() => {
                  setAt(k);
                  setOwnEntry(false);
                  setBetween(null);
                }}
              >
                {k + 1} · {r.name}
              </Button>
            ))}
            <Button
              size="small"
              disabled={shape.rungs.length >= MOST_RUNGS}
              onClick={() => {
                change((s) => withRungAfter(s, i));
                setAt(i + 1);
              }}
            >
              + a further rung
            </Button>
            {shape.rungs.length > 1 && (
              <Button size="small" onClick={() => change((s) => withoutRung(s, i))}>
                Remove this rung
              </Button>
            )}
          </Box>
        </Box>
        <Box
          component="section"
          aria-label="What it does"
          sx={{ minWidth: 0, gridRow: { sm: '1 / span 2', lg: 'auto' }, gridColumn: { sm: '2', lg: 'auto' } }}
        >
          <TextField
            select
            size="small"
            label="Read for"
            fullWidth
            value={who ?? ''}
            onChange={(e) => setWho(e.target.value === '' ? null : e.target.value)}
            slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
            sx={{ mb: 1 }}
          >
            <MenuItem value="">typical people</MenuItem>
            {students.map((s) => (
              <MenuItem key={s.id} value={s.id}>
                {s.name}
              </MenuItem>
            ))}
          </TextField>
          {busy && <Typography variant="caption">Reading the tests …</Typography>}
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
