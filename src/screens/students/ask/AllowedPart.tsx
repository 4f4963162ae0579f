'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { allowedWords, forbiddenBy, mayAllow, withAllowed, type Allowed } from '@/core/cautions/allowed';
import type { Caution } from '@/core/cautions/catalogue';
import { dayWords } from '@/core/day-words';

/**
 * What somebody who may say so allows in spite of a caution: one thing at a time, with the word, and taken back with a
 * press.
 */
export function AllowedPart({
  caution,
  allowed,
  day,
  onChange,
}: {
  caution: Caution;
  allowed: readonly Allowed[];
  day: string;
  onChange: (allowed: Allowed[]) => void;
}) {
  const [asking, setAsking] = useState(false);
  if (!mayAllow(caution)) return null;
  const left = forbiddenBy(withAllowed(caution, allowed));
  return (
    <Box sx={{ mt: 0.5 }}>
      {allowed.map((a) => (
        <Box key={`${a.demand}/${a.does}/${a.over}`} sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
          <Typography sx={{ fontSize: 14, flex: 1 }}>
            <strong>{say('Allowed by {{by}}:', { by: a.by })}</strong> {allowedWords(caution, a)}. “{a.why}” (
            {dayWords(a.on)})
          </Typography>
          <Button
            size="small"
            onClick={() => onChange(allowed.filter((x) => x !== a))}
            aria-label={say('Not allowed any more: {{allowed}}', { allowed: allowedWords(caution, a) })}
          >
            {say('Take it back')}
          </Button>
        </Box>
      ))}
      {asking ? (
        <AllowForm
          left={left}
          onCancel={() => setAsking(false)}
          onAllow={(one) => {
            setAsking(false);
            onChange([...allowed, { ...one, on: day }]);
          }}
        />
      ) : (
        left.length > 0 && (
          <Button size="small" onClick={() => setAsking(true)}>
            {say('Something of it is allowed …')}
          </Button>
        )
      )}
    </Box>
  );
}

function AllowForm({
  left,
  onAllow,
  onCancel,
}: {
  left: ReturnType<typeof forbiddenBy>;
  onAllow: (one: Omit<Allowed, 'on'>) => void;
  onCancel: () => void;
}) {
  const [chosen, setChosen] = useState(0);
  const [by, setBy] = useState('');
  const [why, setWhy] = useState('');
  const [tried, setTried] = useState(false);
  return (
    <Box
      component="form"
      aria-label={say('What is allowed')}
      onSubmit={(e) => {
        e.preventDefault();
        setTried(true);
        if (!by.trim() || !why.trim()) return;
        const { demand, does, over } = left[chosen].rule;
        onAllow({ demand, does, over, by: by.trim().slice(0, 80), why: why.trim().slice(0, 200) });
      }}
      sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1.4fr' }, gap: 1.5, mt: 1.5, mb: 1 }}
    >
      <TextField
        select
        label={say('What is allowed')}
        sx={{ gridColumn: '1 / -1' }}
        value={chosen}
        onChange={(e) => setChosen(Number(e.target.value))}
        slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
      >
        {left.map((f, i) => (
          <option key={f.words} value={i}>
            {f.words}
          </option>
        ))}
      </TextField>
      <TextField
        label={say('Who says so')}
        autoFocus
        value={by}
        onChange={(e) => setBy(e.target.value)}
        error={tried && !by.trim()}
        helperText={tried && !by.trim() ? say('A name or a role, please.') : say('For example: the physiotherapist')}
      />
      <TextField
        label={say('What was said')}
        value={why}
        onChange={(e) => setWhy(e.target.value)}
        error={tried && !why.trim()}
        helperText={tried && !why.trim() ? say('What was said, please.') : say('Kept with today’s date')}
      />
      <Box sx={{ gridColumn: '1 / -1', display: 'flex', gap: 1 }}>
        <Button type="submit" variant="outlined" size="small">
          {say('Allow it')}
        </Button>
        <Button size="small" onClick={onCancel}>
          {say('Leave it closed')}
        </Button>
      </Box>
    </Box>
  );
}
