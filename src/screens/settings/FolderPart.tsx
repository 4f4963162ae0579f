'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import { useSnackbar } from 'notistack';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { canKeepFolder, chooseFolder, folderOf, forgetFolder, writeIntoFolder } from '@/store/backup-folder';
import { useStudio } from '../shell/studio-context';

const GB = 1e9;
/** A browser does not learn it meanwhile. */
const noChange = () => () => undefined;

/** Backups by themselves into a folder, and what the browser promises about what is kept. */
export function FolderPart() {
  const { db, name } = useStudio();
  const { enqueueSnackbar } = useSnackbar();
  const folder = useLiveQuery(() => folderOf(db), [db]) ?? null;
  const kept = useKept();
  // Only a browser knows: the server draws the page without it.
  const can = useSyncExternalStore(noChange, canKeepFolder, () => false);
  const said = (error: unknown) =>
    enqueueSnackbar(
      say('The folder cannot be used: {{what}}', { what: error instanceof Error ? error.message : String(error) }),
      { variant: 'error' },
    );
  const choose = async () => {
    try {
      const chosen = await chooseFolder(db);
      if (chosen)
        enqueueSnackbar(
          say('{{what}} is in “{{name}}”.', { what: await writeIntoFolder(db, chosen), name: chosen.name }),
        );
    } catch (error) {
      said(error);
    }
  };
  return (
    <Box component="section" aria-label={say('Backups by themselves')} sx={{ mt: 2 }}>
      {can && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
          <Button variant="outlined" onClick={() => void choose()}>
            {folder ? say('Choose another folder') : say('Back up into a folder …')}
          </Button>
          {folder && (
            <Button onClick={() => void forgetFolder(db)}>{say('Stop using “{{name}}”', { name: folder.name })}</Button>
          )}
          <Typography variant="body2" sx={{ flex: '1 1 260px' }}>
            {folder
              ? say(
                  'Each day with changes leaves a file in “{{name}}”; the last ten are kept. They are open: whoever reads the folder reads them.',
                  { name: folder.name },
                )
              : say('Choose a folder once: on each day with changes a dated file is saved there for you.')}
          </Typography>
        </Box>
      )}
      {kept && name === 'studio' && (
        <Typography variant="caption" component="p" sx={{ mt: 1 }}>
          {say('{{what}} {{what2}} MB are used, {{count}} GB are free.', {
            what: kept.promised
              ? say('This browser has promised to keep what is here.')
              : say(
                  'This browser may clear what is here when room runs out, or when you have not come for a while. Installing Kolpos from its menu helps; a backup is surer.',
                ),
            what2: kept.used < GB / 1000 ? say('Less than 1') : Math.round(kept.used / 1e6),
            count: Math.round(kept.free / GB),
          })}
        </Typography>
      )}
    </Box>
  );
}

/** What the browser says about keeping; null where it says nothing. */
function useKept(): { promised: boolean; used: number; free: number } | null {
  const [kept, setKept] = useState<{ promised: boolean; used: number; free: number } | null>(null);
  useEffect(() => {
    let current = true;
    const ask = async () => {
      const [promised, { usage = 0, quota = 0 }] = await Promise.all([
        navigator.storage.persisted(),
        navigator.storage.estimate(),
      ]);
      if (current) setKept({ promised, used: usage, free: Math.max(0, quota - usage) });
    };
    // On plain http from another machine there is no such thing.
    if ('storage' in navigator) ask().catch(() => undefined);
    return () => {
      current = false;
    };
  }, []);
  return kept;
}
