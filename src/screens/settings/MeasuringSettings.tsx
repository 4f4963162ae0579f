'use client';
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
        Measuring
      </Typography>
      <Typography sx={{ mb: 1 }}>
        Which side is read first? Teachers differ; keep to one way, so that days can be compared.
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={order}
        aria-label="Side that is read first"
        onChange={(_, value: string | null) => value && void db.memos.put({ key: SIDE_ORDER, value })}
      >
        <ToggleButton value="right">always right</ToggleButton>
        <ToggleButton value="left">always left</ToggleButton>
        <ToggleButton value="tighter">what gave less last time</ToggleButton>
      </ToggleButtonGroup>
      {pictures.length > 0 && (
        <Box sx={{ mt: 2 }} role="region" aria-label="Pictures">
          <Typography variant="h3">Pictures kept on this machine</Typography>
          <Typography sx={{ mb: 1 }}>
            They go into no file of the studio. Save one by itself, or throw it away.
          </Typography>
          {pictures.map((p) => (
            <Box key={p.id} sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
              <Typography sx={{ flex: '1 1 240px', fontSize: 14 }}>
                {p.label}, {format(new Date(p.takenAt), 'd MMM yyyy')}
              </Typography>
              <Button size="small" onClick={() => saveFile(`kolpos-picture-${p.takenAt.slice(0, 10)}.jpg`, p.blob)}>
                Save
              </Button>
              <Button
                size="small"
                onClick={() =>
                  void db.pictures.delete(p.id).then(() =>
                    undo('The picture is thrown away.', {
                      undo: async () => {
                        await db.pictures.put(p);
                      },
                    }),
                  )
                }
              >
                Throw away
              </Button>
            </Box>
          ))}
        </Box>
      )}
    </>
  );
}
