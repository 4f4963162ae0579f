'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import { useLiveQuery } from 'dexie-react-hooks';
import { SIDE_ORDER } from '../measure/use-session';
import { saveFile } from '../shell/save-file';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';

/** Which side is read first, and the pictures that were kept. */
export function MeasuringSettings() {
  const { db } = useStudio();
  const undo = useUndo();
  const order = useLiveQuery(() => db.memos.get(SIDE_ORDER), [db])?.value ?? 'right';
  const pictures = useLiveQuery(() => db.pictures.toArray(), [db]) ?? [];
  return (
    <>
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {say('Measuring')}
      </Typography>
      <Typography sx={{ mb: 1 }}>
        {say('Which side is read first? Teachers differ; keep to one way, so that days can be compared.')}
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={order}
        aria-label={say('Side that is read first')}
        onChange={(_, value: string | null) => value && void db.memos.put({ key: SIDE_ORDER, value })}
      >
        <ToggleButton value="right">{say('always right')}</ToggleButton>
        <ToggleButton value="left">{say('always left')}</ToggleButton>
        <ToggleButton value="tighter">{say('what gave less last time')}</ToggleButton>
      </ToggleButtonGroup>
      {pictures.length > 0 && (
        <Box sx={{ mt: 2 }} role="region" aria-label={say('Pictures')}>
          <Typography variant="h3">{say('Pictures kept on this machine')}</Typography>
          <Typography sx={{ mb: 1 }}>
            {say('They go into no file of the studio. Save one by itself, or throw it away.')}
          </Typography>
          {pictures.map((p) => (
            <Box key={p.id} sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
              <Typography sx={{ flex: '1 1 240px', fontSize: 14 }}>
                {p.label}, {format(new Date(p.takenAt), say('d MMM yyyy'))}
              </Typography>
              <Button size="small" onClick={() => saveFile(`kolpos-picture-${p.takenAt.slice(0, 10)}.jpg`, p.blob)}>
                {say('Save')}
              </Button>
              <Button
                size="small"
                onClick={() =>
                  void db.pictures.delete(p.id).then(() =>
                    undo(say('The picture is thrown away.'), {
                      undo: async () => {
                        await db.pictures.put(p);
                      },
                    }),
                  )
                }
              >
                {say('Throw away')}
              </Button>
            </Box>
          ))}
        </Box>
      )}
    </>
  );
}
