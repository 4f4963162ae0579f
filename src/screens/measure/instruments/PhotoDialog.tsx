'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useEffect, useState } from 'react';
import { photoAngle, PLACING_PX, type Placement } from '@/core/measuring/photo';
import { photoGuide } from '@/core/measuring/photo-marks';
import { withUnit } from '@/core/assessment/reading';
import { openPicture } from '@/instruments/picture';
import { newId, now } from '@/store/studio';
import { useStudio } from '../../shell/studio-context';
import { BringPicture } from './BringPicture';
import { InstrumentFrame } from './InstrumentFrame';
import { PhotoAngle, ZoomSlider } from './PhotoAngle';
import { PhotoBoard, type BoardPoint } from './PhotoBoard';
import { placementOf, waiting, type Shot } from './photo-points';
import { StandInCamera } from './StandInCamera';
import type { InstrumentProps } from './types';

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
        label: `${say(test.name)}, ${say(readout.name)}, ${say(side)}: ${withUnit(readout, value)}`,
        takenAt: now(),
        blob: shot.blob,
      });
    onTake({ value, likelyError: Math.round(told.likelyError * 10) / 10, instrument: 'photo' });
  };
  return (
    <InstrumentFrame
      title={say('Photo: {{name}}', { name: say(readout.name) })}
      width="lg"
      message={message}
      onClose={onClose}
      use={
        value !== null && (
          <Button variant="contained" onClick={() => void use()}>
            {say('Use {{withUnit}}', { withUnit: withUnit(readout, value) })}
          </Button>
        )
      }
    >
      {!shot && (
        <>
          <Typography sx={{ mb: 1.5 }}>
            {say(
              'Take it {{from}}, the tested limb whole in the picture. It stays on this machine and goes into no file.',
              { from: say(guide.from) },
            )}
          </Typography>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            <BringPicture again={shot !== null} onPicture={(blob) => void open(blob)} />
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
            <PhotoAngle
              readout={readout}
              value={value}
              told={told}
              placements={all.length}
              points={points}
              guide={guide}
            />
            <ZoomSlider zoom={zoom} onZoom={setZoom} />
            {guide.pastUpright && (
              <FormControlLabel
                control={<Checkbox checked={leftward} onChange={(_, v) => setLeftward(v)} />}
                label={say('Feet point to the left in the picture')}
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
                {say('Place once more')}
              </Button>
              <BringPicture again={shot !== null} onPicture={(blob) => void open(blob)} />
            </Box>
            <FormControlLabel
              sx={{ mt: 1 }}
              control={<Checkbox checked={keep} onChange={(_, v) => setKeep(v)} />}
              label={say('Keep the picture on this machine')}
            />
          </Box>
        </Box>
      )}
    </InstrumentFrame>
  );
}
