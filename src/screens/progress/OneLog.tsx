'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import { useEffect, useState } from 'react';
import type { LogEntry } from '@/core/teaching/log';
import { hearWords, voiceStaysHere } from '@/instruments/voice';
import { putLogRight } from '@/store/edits';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { LogItemDialog } from './LogItemDialog';
import { itemWords, poseName } from './log-words';

/** One taught practice, with items and words that can be put right; what stood there before is kept. */
export function OneLog({ log, name }: { log: LogEntry; name: string }) {
  'use memo';
  const { db } = useStudio();
  const undo = useUndo();
  const [text, setText] = useState<string | null>(null);
  const [hears, setHears] = useState(false);
  const [open, setOpen] = useState<number | null>(null);
  useEffect(() => {
    let current = true;
    void voiceStaysHere().then((yes) => current && setHears(yes));
    return () => {
      current = false;
    };
  }, []);
  // Words that are there still are not told again; empty ones were none.
  const earlier = (log.history ?? []).flatMap((h, k, all) => {
    const after = all[k + 1] ?? log;
    const items = h.items ?? [];
    const later = all.slice(k + 1).find((x) => x.items)?.items ?? log.items;
    const changed = items.filter((i, n) => JSON.stringify(i) !== JSON.stringify(later[n]));
    const lines = [...(h.note && h.note !== after.note ? [h.note] : []), ...changed.map(itemWords)];
    return lines.length > 0 ? [{ at: h.changedAt, lines }] : [];
  });
  return (
    <Box
      component="article"
      sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 2, my: 1.5 }}
    >
      <Typography sx={{ fontWeight: 700 }}>
        {log.title} · {format(new Date(log.startedAt), say('d MMM yyyy, HH:mm'))}
        {log.source === 'home' ? say(' · at home') : ''}
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {log.items.map((i, k) => (
          <li key={k}>
            {itemWords(i)}{' '}
            <Button
              size="small"
              className="no-print"
              aria-label={say('Correct: {{poseName}} {{side}}, item {{count}}', {
                poseName: poseName(i.pose, i.rung),
                side: say(i.side),
                count: k + 1,
              })}
              onClick={() => setOpen(k)}
              sx={{ py: 0 }}
            >
              {say('Correct')}
            </Button>
          </li>
        ))}
      </Box>
      <TextField
        label={say('Your words')}
        multiline
        fullWidth
        value={text ?? log.note}
        placeholder={say('How was it for {{name}}?', { name })}
        sx={{ mt: 1 }}
        onChange={(e) => setText(e.target.value.slice(0, 4000))}
        onBlur={() => {
          if (text !== null && text !== log.note)
            void putLogRight(db, log.id, { note: text }).then((c) => undo(say('Your words are kept.'), c));
          setText(null);
        }}
      />
      {hears && (
        <Button
          size="small"
          onClick={() =>
            void hearWords().then((said) => {
              if (said) setText(`${(text ?? log.note).trim()} ${said}`.trim().slice(0, 4000));
            })
          }
        >
          {say('Speak it')}
        </Button>
      )}
      {earlier.length > 0 && (
        <Box component="details" sx={{ mt: 0.5, fontSize: 14 }}>
          <summary>{say('As it stood before')}</summary>
          {earlier.map((h, k) => (
            <Typography key={k} sx={{ fontSize: 14 }}>
              {say('until {{format}}: {{lines}}', {
                format: format(new Date(h.at), say('d MMM yyyy, HH:mm')),
                lines: h.lines.join(' '),
              })}
            </Typography>
          ))}
        </Box>
      )}
      {open !== null && log.items[open] && (
        <LogItemDialog
          item={log.items[open]}
          onClose={() => setOpen(null)}
          onKeep={(to) => {
            setOpen(null);
            void putLogRight(db, log.id, { item: { at: open, to } }).then((c) => undo(say('It is corrected.'), c));
          }}
        />
      )}
    </Box>
  );
}
