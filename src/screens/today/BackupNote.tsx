'use client';
import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { formatDistanceToNow } from 'date-fns';
import { useLiveQuery } from 'dexie-react-hooks';
import type { Standing } from '@/store/backup';
import { askToWrite, folderOf, writeIntoFolder } from '@/store/backup-folder';
import { useBackup } from '../shell/use-backup';
import { useStudio } from '../shell/studio-context';
import { useSnackbar } from 'notistack';

/** Says that it is time for a backup, with the one press that makes it. */
export function BackupNote({ standing: { savedAt, changes } }: { standing: Standing }) {
  const { db } = useStudio();
  const { out } = useBackup();
  const { enqueueSnackbar } = useSnackbar();
  const folder = useLiveQuery(() => folderOf(db), [db]) ?? null;
  const into = async () => {
    try {
      if (folder && (await askToWrite(folder)))
        enqueueSnackbar(
          say('{{what}} is in “{{name}}”.', { what: await writeIntoFolder(db, folder), name: folder.name }),
        );
    } catch {
      enqueueSnackbar(say('The folder cannot be reached. Choose it again under Settings & files.'), {
        variant: 'error',
      });
    }
  };
  const entries = changes === 1 ? say('One entry is') : say('{{count}} entries are', { count: changes });
  return (
    <Alert
      severity="info"
      icon={false}
      sx={{ mb: 2, bgcolor: 'var(--surface)', color: 'var(--ink)', border: '1px solid var(--act)' }}
      action={
        <>
          {folder && (
            <Button size="small" variant="contained" onClick={() => void into()}>
              {say('Into “{{name}}”', { name: folder.name })}
            </Button>
          )}
          <Button size="small" onClick={() => void out()}>
            {say('Save a backup')}
          </Button>
        </>
      }
    >
      {say('{{entries}} in no backup yet. {{what}}', {
        entries,
        what: savedAt
          ? say('The last one was saved {{formatDistanceToNow}}.', {
              formatDistanceToNow: formatDistanceToNow(new Date(savedAt), { addSuffix: true }),
            })
          : say('What is only in this browser can be lost with it.'),
      })}
    </Alert>
  );
}
