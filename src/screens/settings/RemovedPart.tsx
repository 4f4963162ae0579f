'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { formatDistanceToNow } from 'date-fns';
import { useLiveQuery } from 'dexie-react-hooks';
import { useSnackbar } from 'notistack';
import { useEffect } from 'react';
import { bringBack, forgetOld, KEPT_DAYS } from '@/store/removed';
import type { Removed } from '@/store/studio';
import { useStudio } from '../shell/studio-context';

/** What was removed in the last thirty days, with the way back. */
export function RemovedPart() {
  const { db } = useStudio();
  const { enqueueSnackbar } = useSnackbar();
  const removed = useLiveQuery(() => db.removed.orderBy('at').reverse().toArray(), [db]);
  useEffect(() => {
    forgetOld(db).catch(() => undefined);
  }, [db]);
  const back = async (gone: Removed) => {
    try {
      await bringBack(db, gone.id);
      enqueueSnackbar(say('{{words}} is back.', { words: gone.words }));
    } catch (error) {
      enqueueSnackbar(error instanceof Error ? error.message : String(error), { variant: 'error' });
    }
  };
  return (
    <Box component="section" aria-label={say('Recently removed')}>
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {say('Recently removed')}
      </Typography>
      {removed?.length === 0 && (
        <Typography color="text.secondary">
          {say(
            'Nothing was removed in the last {{count}} days. What you remove can be brought back from here for so long.',
            { count: KEPT_DAYS },
          )}
        </Typography>
      )}
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {removed?.map((r) => (
          <Box
            component="li"
            key={r.id}
            sx={{ display: 'flex', alignItems: 'center', gap: 2, borderTop: '1px solid var(--line)', py: 0.75 }}
          >
            <Typography sx={{ flex: 1, minWidth: 0 }}>{r.words}</Typography>
            <Typography variant="caption">{formatDistanceToNow(new Date(r.at), { addSuffix: true })}</Typography>
            <Button
              size="small"
              onClick={() => void back(r)}
              aria-label={say('Bring back: {{words}}', { words: r.words })}
            >
              {say('Bring back')}
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
