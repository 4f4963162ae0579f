'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { cuesFor } from '@/core/practice/cues';
import type { PracticeItem } from '@/core/practice/practice';
import type { RankedPose } from '@/core/ranking/rank';
import { linesOf } from '../shell/lines';
import { VoicePicks } from '../shell/VoicePicks';
import { useCues } from './use-cues';

const MOST_LINES = 12;
const LONGEST = 300;
const FROM_WORDS = {
  item: 'Your words for this practice.',
  book: 'Your words from last time.',
  draft: 'Drafted from the pose; change what you like.',
} as const;

/**
 * What is said in a block: drafted in the teacher's voice, a line a cue, and hers to change; remembered for next time.
 */
export function CueEditor({
  item,
  before,
  fit,
  onPut,
}: {
  item: PracticeItem;
  before: readonly PracticeItem[];
  fit: RankedPose | undefined;
  /** Her lines; null goes back to the draft. */
  onPut: (lines: string[] | null) => void;
}) {
  'use memo';
  const { voice, schools, book, remember } = useCues();
  const { lines, from } = cuesFor(item, { voice, schools, fit, before }, book);
  const [text, setText] = useState<string | null>(null);
  const now = text ?? lines.join('\n');
  const typed = now
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean);
  const wrong =
    typed.length > MOST_LINES
      ? say('At most {{count}} lines, please.', { count: MOST_LINES })
      : typed.some((l) => l.length > LONGEST)
        ? say('A line of at most {{count}} letters, please.', { count: LONGEST })
        : null;
  const keep = () => {
    if (text === null) return;
    if (wrong) return;
    setText(null);
    if (typed.join('\n') === lines.join('\n')) return;
    void remember(item, typed);
    onPut(typed);
  };
  return (
    <Box component="section" aria-label={say('To say')}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center', mb: 1 }}>
        <Typography sx={{ fontWeight: 700, mr: 0.5 }}>{say('To say')}</Typography>
        <VoicePicks />
      </Box>
      <TextField
        multiline
        fullWidth
        size="small"
        slotProps={linesOf(3)}
        label={say('Cues, a line each')}
        value={now}
        error={wrong !== null}
        helperText={
          wrong ??
          `${say(FROM_WORDS[text === null ? from : 'item'])}${from === 'draft' ? '' : say(' The choices above shape drafts only.')}`
        }
        onChange={(e) => setText(e.target.value)}
        onBlur={keep}
      />
      {from !== 'draft' && (
        <Button
          size="small"
          onClick={() => {
            setText(null);
            void remember(item, null);
            if (item.cues) onPut(null);
          }}
        >
          {say('Back to the draft')}
        </Button>
      )}
    </Box>
  );
}
