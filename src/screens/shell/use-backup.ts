import { say } from '@/core/languages/spoken';
import { useSnackbar } from 'notistack';
import { useCallback } from 'react';
import { takeOut } from '@/store/take-out';
import { today } from '@/store/studio';
import { notReadWords, readBack } from './read-back';
import { saveFile } from './save-file';
import { useStudio } from './studio-context';

/** Saves everything as a file, and says that it is safe once it was read back. */
export function useBackup(): { out: () => Promise<void>; told: (text: string, safe: string) => Promise<void> } {
  const { db, name } = useStudio();
  const { enqueueSnackbar } = useSnackbar();
  const told = useCallback(
    async (text: string, safe: string) => {
      const odd = await readBack(text);
      if (!odd) enqueueSnackbar(notReadWords(), { variant: 'warning', persist: true });
      else if (odd.length === 0) enqueueSnackbar(safe);
      else
        enqueueSnackbar(
          say(
            'The file holds everything, but {{what}} could not be brought in again as it stands. The first: {{where}}: {{why}}',
            {
              what: odd.length === 1 ? say('one entry') : say('{{count}} entries', { count: odd.length }),
              where: odd[0].where,
              why: odd[0].why,
            },
          ),
          { variant: 'warning', persist: true },
        );
    },
    [enqueueSnackbar],
  );
  const out = useCallback(async () => {
    const text = await takeOut(db);
    saveFile(`kolpos-${name}-${today()}.json`, text);
    await told(text, say('Everything is in the file. Keep it somewhere safe: it holds health notes.'));
  }, [db, name, told]);
  return { out, told };
}
