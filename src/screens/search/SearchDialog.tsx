'use client';
import { say } from '@/core/languages/spoken';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { useStudio } from '../shell/studio-context';
import { entriesOf, findEntries } from './entries';

/** One box for everything of the studio: students, practices, poses, muscles, tests, what one can do, the guide. */
export function SearchDialog({ onClose }: { onClose: () => void }) {
  const { db, base } = useStudio();
  const router = useRouter();
  const open = useSearchParams().get('id');
  const [text, setText] = useState('');
  const studio = useLiveQuery(async () => {
    const [students, practices, templates, classes] = await Promise.all([
      db.students.orderBy('name').toArray(),
      db.practices.toArray(),
      db.templates.toArray(),
      db.classes.toArray(),
    ]);
    return { students, practices, templates, classes };
  }, [db]);
  const entries = useMemo(() => (studio ? entriesOf({ ...studio, open }) : []), [studio, open]);
  const found = useMemo(() => findEntries(entries, text), [entries, text]);
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="sm"
      aria-label={say('Search')}
      slotProps={{ paper: { sx: { position: 'absolute', top: 40, m: 0, overflow: 'visible' } } }}
    >
      <DialogContent sx={{ overflow: 'visible', p: 2 }}>
        <Autocomplete
          open
          autoHighlight
          disablePortal
          options={found}
          inputValue={text}
          value={null}
          blurOnSelect
          // What is found is worked out above, with its order.
          filterOptions={(all) => all}
          groupBy={(e) => say(e.group)}
          getOptionLabel={(e) => e.label}
          getOptionKey={(e) => e.key}
          noOptionsText={
            text.trim() === ''
              ? say('Type a name, a pose, a muscle or a word.')
              : say('Nothing is called that. Check the spelling.')
          }
          onInputChange={(_, next, why) => {
            if (why === 'input' || why === 'clear') setText(next);
          }}
          onChange={(_, entry) => {
            if (!entry) return;
            onClose();
            router.push(base + entry.to);
          }}
          onClose={(_, why) => {
            if (why === 'escape') onClose();
          }}
          renderOption={({ key, ...props }, e) => (
            <Box component="li" key={key} {...props}>
              <Typography component="span" sx={{ fontWeight: 600, mr: 1 }}>
                {e.label}
              </Typography>
              <Typography component="span" variant="caption" noWrap sx={{ flex: 1 }}>
                {e.detail}
              </Typography>
            </Box>
          )}
          renderInput={(params) => <TextField {...params} autoFocus label={say('Search everything')} />}
          slotProps={{ listbox: { sx: { maxHeight: '60vh' } } }}
        />
      </DialogContent>
    </Dialog>
  );
}
