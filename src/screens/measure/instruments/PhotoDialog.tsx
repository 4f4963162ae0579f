'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useEffect, useRef, useState } from 'react';
import { photoAngle, PLACING_PX, type Placement, type Point } from '@/core/measuring/photo';
import { photoGuide, type PhotoGuide } from '@/core/measuring/photo-marks';
import { withUnit } from '@/core/assessment/reading';
import { openPicture } from '@/instruments/picture';
import { newId, now } from '@/store/studio';
import { useStudio } from '../../shell/studio-context';
import { InstrumentFrame } from './InstrumentFrame';
import { PhotoBoard, type BoardPoint } from './PhotoBoard';
import { StandInCamera } from './StandInCamera';
import type { InstrumentProps } from './types';

interface Shot {
  blob: Blob;
  url: string;
  width: number;
  height: number;
}

/** Where the points wait before they are placed: beside each other in the middle of the picture. */
function waiting(guide: PhotoGuide, shot: Shot): BoardPoint[] {
  const { width: w, height: h } = shot;
  const marks = guide.marks.map((m, i) => ({
    id: m.id,
    sign: 'ABC'[i],
    name: m.name,
    at: { x: w * (0.35 + 0.15 * i), y: h * 0.45 },
  }));
  if (!guide.line) return marks;
  const line = [0, 1].map((i) => ({
    id: `line${i}`,
    sign: i === 0 ? 'L' : 'R',
    name: `${guide.line ?? ''}, ${i === 0 ? 'first' : 'second'} point`,
    // A level line starts along the picture's foot, so that leaving it there takes the picture as level.
    at: guide.zero === 'upright' ? { x: w * 0.06, y: h * (0.9 - 0.6 * i) } : { x: w * (0.06 + 0.88 * i), y: h * 0.93 },
  }));
  return [...marks, ...line];
}

function placementOf(points: readonly BoardPoint[], guide: PhotoGuide): Placement | null {
  const at = (id: string): Point | null => points.find((p) => p.id === id)?.at ?? null;
  const vertex = at('vertex'),
    far = at('far');
  if (!vertex || !far) return null;
  const a = at('line0'),
    b = at('line1');
  // A plumb line is told as the level line across it.
  const level =
    a && b
      ? guide.zero === 'upright'
        ? ([a, { x: a.x - (b.y - a.y), y: a.y + (b.x - a.x) }] as const)
        : ([a, b] as const)
      : null;
  return { vertex, far, near: at('near'), level };
}

/** A picture taken or brought in, points on its landmarks, and the angle with its likely error. */
export default function PhotoDialog(props: InstrumentProps) {
  const { test, readout, side, hidden, student, onTake, onClose } = props;
  const { db } = useStudio();
  const guide = photoGuide(test, readout, side);
  const [shot, setShot] = useState<Shot | null>(null);
  const [points, setPoints] = useState<BoardPoint[]>([]);
  const [moved, setMoved] = useState<ReadonlySet<string>>(new Set());
  const [earlier, setEarlier] = useState<readonly Placement[]>([]);
  const [zoom, setZoom] = useState(1);
  const [leftward, setLeftward] = useState(side === 'left');
  const [keep, setKeep] = useState(false);
  const [message, setMessage] = useState<string | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const small = useMediaQuery('(max-width: 900px)');
  const url = shot?.url;
  useEffect(() => () => (url ? URL.revokeObjectURL(url) : undefined), [url]);
  if (!guide) return null;

  const open = async (blob: Blob) => {
    setMessage(null);
    const result = await openPicture(blob);
    if (!result.ok) return setMessage(result.problem);
    const next = { ...result, url: URL.createObjectURL(result.blob) };
    setShot(next);
    setPoints(waiting(guide, next));
    setEarlier([]);
    setMoved(new Set());
    setZoom(1);
  };
  const fit = small ? 560 : 620;
  const shownWidth = shot ? Math.min(fit, (480 * shot.width) / shot.height) * zoom : 0;
  // Points that still wait where they came from say nothing; a level line may stay.
  const placed = guide.marks.every((m) => moved.has(m.id)) && (!guide.linePoints || moved.has('line0'));
  const here = placed ? placementOf(points, guide) : null;
  const all = here ? [...earlier, here] : earlier;
  const told =
    shot && all.length > 0
      ? photoAngle(
          all,
          guide.zero,
          (PLACING_PX * shot.width) / shownWidth,
          guide.pastUpright ? (leftward ? -1 : 1) : undefined,
        )
      : null;
  const value = told ? Math.round(guide.reading(told.angle)) : null;
  const use = async () => {
    if (value === null || !told || !shot) return;
    if (keep)
      await db.pictures.put({
        id: newId(),
        student,
        label: `${test.name}, ${readout.name}, ${side}: ${withUnit(readout, value)}`,
        takenAt: now(),
        blob: shot.blob,
      });
    onTake({ value, likelyError: Math.round(told.likelyError * 10) / 10, instrument: 'photo' });
  };
  const bring = (
    <>
      <Button variant={shot ? 'text' : 'contained'} onClick={() => input.current?.click()}>
        {shot ? 'Another picture' : 'Take or bring in a picture'}
      </Button>
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        aria-label="Picture to measure on"
        onChange={(e) => {
          const f = e.target.files?.[0];
          if (f) void open(f);
          e.target.value = '';
        }}
      />
    </>
  );
  return (
    <InstrumentFrame
      title={`Photo: ${readout.name}`}
      width="lg"
      message={message}
      onClose={onClose}
      use={
        value !== null && (
          <Button variant="contained" onClick={() => void use()}>
            Use {withUnit(readout, value)}
          </Button>
        )
      }
    >
      {!shot && (
        <>
          <Typography sx={{ mb: 1.5 }}>
            Take it {guide.from}, the tested limb whole in the picture. It stays on this machine and goes into no file.
          </Typography>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            {bring}
            {hidden !== null && (
              <StandInCamera {...props} guide={guide} hidden={hidden} onPicture={(blob) => void open(blob)} />
            )}
          </Box>
        </>
      )}
      {shot && (
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) 300px' } }}>
          <Box sx={{ overflow: 'auto', maxHeight: '62vh', border: '1px solid var(--line)', bgcolor: 'var(--surface)' }}>
            <PhotoBoard
              url={shot.url}
              width={shot.width}
              height={shot.height}
              shownWidth={shownWidth}
              points={points}
              lines={[
                ['near', 'vertex'],
                ['vertex', 'far'],
                ['line0', 'line1'],
              ]}
              onMove={(id, at) => {
                setPoints((list) => list.map((p) => (p.id === id ? { ...p, at } : p)));
                setMoved((before) => new Set([...before, id]));
              }}
            />
          </Box>
          <Box>
            <Typography
              role="status"
              aria-label="Angle on the picture"
              sx={{ fontSize: 60, fontWeight: 700, lineHeight: 1, fontVariantNumeric: 'tabular-nums' }}
            >
              {value === null ? '–' : withUnit(readout, value)}
            </Typography>
            <Typography sx={{ mb: 1 }}>
              {told
                ? `likely within ± ${told.likelyError.toFixed(1)}°${all.length > 1 ? ` from ${all.length} placements` : ''}`
                : 'Put the points where they belong.'}
            </Typography>
            <Box component="ul" sx={{ pl: 2.5, my: 1 }}>
              {points
                .filter((p) => !p.id.startsWith('line'))
                .map((p) => (
                  <li key={p.id}>
                    <strong>{p.sign}</strong> {p.name}
                  </li>
                ))}
              {guide.line && (
                <li>
                  <strong>L–R</strong> {guide.line}
                  {guide.zero === 'level' && guide.line === 'level' ? ': a table edge, or leave it' : ''}
                </li>
              )}
            </Box>
            <Typography variant="caption" component="p">
              Drag the points, or choose one and use the arrow keys (shift: ten at a time).
            </Typography>
            <Typography variant="caption" component="p" sx={{ mt: 1 }} id="zoom-label">
              Zoom
            </Typography>
            <Slider
              aria-labelledby="zoom-label"
              min={1}
              max={5}
              step={0.25}
              value={zoom}
              onChange={(_, v) => setZoom(Number(v))}
            />
            {guide.pastUpright && (
              <FormControlLabel
                control={<Checkbox checked={leftward} onChange={(_, v) => setLeftward(v)} />}
                label="Feet point to the left in the picture"
              />
            )}
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
              <Button
                variant="outlined"
                disabled={!here || earlier.length >= 4}
                onClick={() => {
                  if (!here) return;
                  setEarlier([...earlier, here]);
                  setPoints(waiting(guide, shot));
                  setMoved(new Set());
                }}
              >
                Place once more
              </Button>
              {bring}
            </Box>
            <FormControlLabel
              sx={{ mt: 1 }}
              control={<Checkbox checked={keep} onChange={(_, v) => setKeep(v)} />}
              label="Keep the picture on this machine"
            />
          </Box>
        </Box>
      )}
    </InstrumentFrame>
  );
}
