'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { KIND_WORDS, LEVEL_WORDS, POSITIONS, type Kind, type Level, type Rung } from '@/core/poses';
import { evened } from '@/core/pose-editor/edit';
import type { OwnShape } from '@/core/poses/schema';
import { NumberField } from '../shell/NumberField';

const CUES: readonly [keyof OwnShape['cues'], string][] = [
  ['enter', 'How to come in'],
  ['keep', 'What stays still'],
  ['deepen', 'How to go on'],
  ['leave', 'How to leave'],
];

/** Names, what the pose is for, how long it is held and how it is taught. */
export function WordPanel({
  shape,
  rung,
  onShape,
  onRung,
}: {
  shape: OwnShape;
  rung: Rung;
  onShape: (by: (shape: OwnShape) => OwnShape, mark?: string) => void;
  onRung: (rung: Rung, mark?: string) => void;
}) {
  return (
    <Box component="section" aria-label={say('Words')} sx={{ display: 'grid', gap: 1.25 }}>
      <Words
        label={say('Sanskrit name, if there is one')}
        value={shape.sanskrit ?? ''}
        most={60}
        onPut={(text) => onShape((s) => ({ ...s, sanskrit: text.trim() === '' ? undefined : text }), 'sanskrit')}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <TextField
          select
          size="small"
          label={say('Position')}
          value={shape.position}
          onChange={(e) => onShape((s) => ({ ...s, position: e.target.value as OwnShape['position'] }))}
          sx={{ flex: 1 }}
        >
          {POSITIONS.map((p) => (
            <MenuItem key={p} value={p}>
              {say(p)}
            </MenuItem>
          ))}
        </TextField>
        <FormControlLabel
          control={
            <Switch
              size="small"
              checked={shape.sided}
              onChange={(_, sided) =>
                onShape((s) => ({
                  ...s,
                  sided,
                  // Both sides alike: the worked side leads.
                  ...(!sided && {
                    rungs: s.rungs.map((r) => ({
                      ...r,
                      path: [
                        evened(r.path[0], 'worked'),
                        evened(r.path[1], 'worked'),
                        evened(r.path[2], 'worked'),
                      ] as const,
                    })),
                  }),
                }))
              }
            />
          }
          label={say('one side at a time')}
        />
      </Box>
      <Words
        label={say('Name of this rung')}
        value={rung.name}
        most={80}
        needed
        onPut={(name) => onRung({ ...rung, name }, say('rung name'))}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <TextField
          select
          size="small"
          label={say('It')}
          value={rung.kind}
          onChange={(e) => onRung({ ...rung, kind: e.target.value as Kind })}
          sx={{ flex: 1 }}
        >
          {(Object.keys(KIND_WORDS) as Kind[]).map((k) => (
            <MenuItem key={k} value={k}>
              {say(KIND_WORDS[k])}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          size="small"
          label={say('Level')}
          value={rung.level}
          onChange={(e) => onRung({ ...rung, level: Number(e.target.value) as Level })}
          sx={{ flex: 1 }}
        >
          {([1, 2, 3] as const).map((l) => (
            <MenuItem key={l} value={l}>
              {say(LEVEL_WORDS[l])}
            </MenuItem>
          ))}
        </TextField>
        <NumberField
          label={say('Hold from, s')}
          value={rung.hold[0]}
          least={1}
          most={rung.hold[1]}
          sx={{ width: 92 }}
          onPut={(v) => onRung({ ...rung, hold: [v, rung.hold[1]] }, 'hold')}
        />
        <NumberField
          label={say('to, s')}
          value={rung.hold[1]}
          least={rung.hold[0]}
          most={1800}
          sx={{ width: 92 }}
          onPut={(v) => onRung({ ...rung, hold: [rung.hold[0], v] }, 'hold')}
        />
      </Box>
      {CUES.map(([key, label]) => (
        <Words
          key={key}
          label={say(label)}
          value={shape.cues[key]}
          most={300}
          onPut={(text) => onShape((s) => ({ ...s, cues: { ...s.cues, [key]: text } }), key)}
        />
      ))}
      <Words
        label={say('What looks deeper and gives less')}
        value={shape.cheat}
        most={300}
        onPut={(cheat) => onShape((s) => ({ ...s, cheat }), 'cheat')}
      />
      <Typography variant="caption" component="p">
        {say(
          'What it lengthens and whom it makes work is computed, not typed. Cautions are read from its joint angles.',
        )}
      </Typography>
    </Box>
  );
}

/** A line of words, kept as it is typed; an empty name is answered and the old one stays. */
export function Words({
  label,
  value,
  most,
  needed = false,
  onPut,
}: {
  label: string;
  value: string;
  most: number;
  needed?: boolean;
  onPut: (text: string) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  const empty = needed && text !== null && text.trim() === '';
  return (
    <TextField
      size="small"
      label={label}
      fullWidth
      multiline={most > 100}
      value={text ?? value}
      error={empty}
      helperText={empty ? say('It needs a name; “{{value}}” stays until you type one.', { value }) : undefined}
      onChange={(e) => {
        setText(e.target.value);
        if (!needed || e.target.value.trim() !== '') onPut(e.target.value);
      }}
      onBlur={() => setText(null)}
      slotProps={{ htmlInput: { maxLength: most } }}
    />
  );
}
