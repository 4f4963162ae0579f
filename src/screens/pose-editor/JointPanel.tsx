'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { bodyAngle, COORDINATES } from '@/core/body';
import { evened, withAngles, type End } from '@/core/pose-editor/edit';
import type { Rung } from '@/core/poses';
import { jointLimits, type OwnShape } from '@/core/poses/schema';
import { AngleRow } from '../shell/AngleRow';

type Part = 'trunk' | 'worked' | 'other' | 'arms';
const BARE = COORDINATES.map((c) => c.id)
  .filter((id) => id.endsWith('_left'))
  .map((id) => id.replace('_left', ''));
const LEG = BARE.filter((id) => !/^(shoulder|elbow|wrist)/.test(id));
const ARM = BARE.filter((id) => /^(shoulder|elbow|wrist)/.test(id));
const TRUNK = COORDINATES.map((c) => c.id).filter((id) => !/_(left|right)$/.test(id));

/** Joint angles of the end that is worked on, by slider and by number; a part of the body at a time. */
export function JointPanel({
  shape,
  rung,
  end,
  oneShape,
  onChange,
}: {
  shape: OwnShape;
  rung: Rung;
  end: End;
  oneShape: boolean;
  onChange: (rung: Rung, mark: string) => void;
}) {
  const [part, setPart] = useState<Part>('worked');
  const angles = rung.path[end === 'entry' ? 0 : 2];
  const sided = shape.sided;
  const parts: readonly { id: Part; words: string }[] = [
    { id: 'worked', words: sided ? say('right leg (worked)') : say('legs') },
    ...(sided ? [{ id: 'other' as const, words: say('left leg') }] : []),
    { id: 'trunk', words: say('trunk') },
    { id: 'arms', words: say('arms') },
  ];
  const shown = parts.some((p) => p.id === part) ? part : 'worked';
  const sideless = (id: string) => sided || !/(list|bend|rotation)$/.test(id);
  const ids =
    shown === 'trunk'
      ? TRUNK.filter(sideless)
      : shown === 'arms'
        ? (['worked', 'other'] as const)
            // An arm whose hand reaches for something follows its hand.
            .filter((s) => (sided || s === 'worked') && !rung.reach[s])
            .flatMap((s) => ARM.map((id) => `${id}_${s}`))
        : LEG.map((id) => `${id}_${shown}`);
  const set = (id: string, deg: number) => {
    const next = { ...angles, [id]: deg };
    onChange(withAngles(rung, end, sided ? next : evened(next, 'worked'), oneShape), say('angle {{id}}', { id }));
  };
  return (
    <Box component="section" aria-label={say('Joints')}>
      <Box
        role="group"
        aria-label={say('Part of the body')}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mb: 1 }}
      >
        {parts.map((p) => (
          <Box
            component="button"
            type="button"
            key={p.id}
            aria-pressed={p.id === shown}
            onClick={() => setPart(p.id)}
            sx={{
              font: 'inherit',
              fontSize: 14,
              px: 1,
              py: 0.4,
              borderRadius: 1,
              border: '1px solid var(--line)',
              cursor: 'pointer',
              color: 'var(--ink)',
              bgcolor: p.id === shown ? 'var(--act-pale)' : 'transparent',
              fontWeight: p.id === shown ? 700 : 400,
            }}
          >
            {p.words}
          </Box>
        ))}
      </Box>
      {ids.map((id) => {
        const limits = jointLimits(id);
        if (!limits) return null;
        const side =
          !sided || !/_(worked|other)$/.test(id) ? '' : id.endsWith('_worked') ? say('right ') : say('left ');
        const words = bodyAngle(id);
        return (
          <AngleRow
            key={id}
            words={shown === 'arms' && sided ? { ...words, name: `${side}${say(words.name)}` } : words}
            label={`${side}${say(words.name)}`}
            limits={limits}
            value={angles[id] ?? 0}
            onSet={(v) => set(id, v)}
          />
        );
      })}
      {shown === 'arms' && ids.length < (sided ? 2 : 1) * ARM.length && (
        <Typography variant="body2" sx={{ mt: 1 }}>
          {say(
            'A hand that reaches for something takes its arm along: pull the hand in the figure, or set it free under “Touches”.',
          )}
        </Typography>
      )}
    </Box>
  );
}
