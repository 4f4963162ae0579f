'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { dayWords } from '@/core/day-words';
import { SIDE_MARK } from '@/core/body/words';
import { clearHurt, stillHurts, type Hurt } from '@/core/students/hurt';
import { PAIN_WORDS, PLACE_WORDS } from '@/core/students/words';
import type { Student } from '@/core/students/student';
import { today } from '@/store/studio';
import { nameOf } from '../../practice/Rechecked';

/** Poses and sides that were ended for pain. They stay closed until the teacher clears them with a word. */
export function WhatHurt({ student, change }: { student: Student; change: (part: Partial<Student>) => void }) {
  const all = student.hurt ?? [];
  const seen = new Set<string>();
  const standing = stillHurts(all).filter((h) => {
    const key = `${h.pose}/${h.side}`;
    return !seen.has(key) && seen.add(key);
  });
  if (standing.length === 0) return null;
  return (
    <Box role="region" aria-label={say('What hurt')} sx={{ mt: 2 }}>
      <Typography variant="h2">{say('What hurt')}</Typography>
      <Typography sx={{ mb: 1, fontSize: 14 }}>
        {say('Closed for this side until you clear it: in rankings, practices, classes and while you teach.')}
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}>
        {standing.map((h) => (
          <Standing
            key={`${h.pose}/${h.side}`}
            hurt={h}
            onClear={(word) => change({ hurt: clearHurt(all, h, word, today()) })}
          />
        ))}
      </Box>
    </Box>
  );
}

function Standing({ hurt, onClear }: { hurt: Hurt; onClear: (word: string) => void }) {
  const [word, setWord] = useState<string | null>(null);
  const name = nameOf(hurt);
  const more = [
    hurt.kind && say(PAIN_WORDS[hurt.kind]),
    hurt.place && hurt.place !== 'nowhere' && say(PLACE_WORDS[hurt.place]),
    dayWords(hurt.on, 'long'),
  ].filter(Boolean);
  return (
    <Box
      component="li"
      aria-label={name}
      sx={{ border: '1px solid var(--caution)', bgcolor: 'var(--caution-pale)', borderRadius: 1.5, p: 1.25 }}
    >
      <Typography sx={{ color: 'var(--caution)', fontWeight: 700, fontSize: 15 }}>
        ▲ {name}
        {hurt.side !== 'both' && ` ${SIDE_MARK[hurt.side]} ${say(hurt.side)}`}
      </Typography>
      <Typography sx={{ fontSize: 14 }}>{more.join(' · ')}</Typography>
      {word === null ? (
        <Button size="small" onClick={() => setWord('')}>
          {say('Clear it')}
        </Button>
      ) : (
        <Box
          component="form"
          onSubmit={(e) => {
            e.preventDefault();
            if (word.trim()) onClear(word.trim().slice(0, 200));
          }}
          sx={{ display: 'flex', gap: 1, mt: 1 }}
        >
          <TextField
            label={say('Why it may be done again')}
            value={word}
            autoFocus
            onChange={(e) => setWord(e.target.value)}
            helperText={word.trim() === '' ? say('For example: a physiotherapist has looked') : ' '}
            sx={{ flex: 1 }}
          />
          <Button type="submit" disabled={word.trim() === ''} sx={{ alignSelf: 'flex-start' }}>
            {say('Clear it')}
          </Button>
        </Box>
      )}
    </Box>
  );
}
