'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { AIM_WORDS, aimedName } from '@/core/aims/words';
import { nudgeKey, nudgesFor, type Nudge } from '@/core/practice/nudges';
import type { PracticeItem } from '@/core/practice/practice';
import type { PracticeRequest } from '@/core/practice/request';
import type { RankedPose } from '@/core/ranking/rank';
import type { Aim } from '@/core/students/student';
import { newId } from '@/store/studio';
import { nudgeWords } from './nudge-words';

/**
 * The smallest changes that would bring a practice nearer to its aims; nothing where it serves them as well as one
 * change could.
 */
export function SmallChanges({
  items,
  ranked,
  aims,
  request,
  onTake,
}: {
  items: readonly PracticeItem[];
  ranked: readonly RankedPose[];
  aims: readonly Aim[];
  request: PracticeRequest;
  onTake: (nudge: Nudge) => void;
}) {
  const nudges = useMemo(() => nudgesFor({ items, ranked, aims, request }, newId), [items, ranked, aims, request]);
  if (nudges.length === 0) return null;
  return (
    <Box component="section" aria-label={say('Small changes')} sx={{ mt: 3 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        {say('Small changes that would help')}
      </Typography>
      {nudges.map((nudge) => (
        <Box key={nudgeKey(nudge)} sx={{ borderTop: '1px solid var(--line)', py: 0.75 }}>
          <Typography>{nudgeWords(nudge)}</Typography>
          <Typography variant="caption" component="p">
            {say(AIM_WORDS[nudge.aim.kind])} <span className="muscle">{aimedName(nudge.aim)}</span>{' '}
            {say(nudge.aim.side)}:{' '}
            <span className="num">
              {say('{{before}} → {{after}} min', { before: nudge.before.toFixed(1), after: nudge.after.toFixed(1) })}
            </span>
            {Math.abs(nudge.grows) >= 10 && (
              <>
                <Said
                  text={'; {{what}} by <1>{{count}} s</1>'}
                  values={{ what: nudge.grows > 0 ? 'longer' : 'shorter', count: Math.round(Math.abs(nudge.grows)) }}
                  parts={[<span key="1" className="num" />]}
                />
              </>
            )}
          </Typography>
          <Button
            size="small"
            onClick={() => onTake(nudge)}
            aria-label={say('Take it: {{nudge}}', { nudge: nudgeWords(nudge) })}
          >
            {say('Take it')}
          </Button>
        </Box>
      ))}
    </Box>
  );
}
