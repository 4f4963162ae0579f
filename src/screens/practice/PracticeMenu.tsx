'use client';
import { say } from '@/core/languages/spoken';
import Autocomplete from '@mui/material/Autocomplete';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { writePractice } from '@/core/formats/practice';
import { planOf } from '@/core/practice/plan';
import type { Practice } from '@/core/practice/practice';
import { changePractice, removePractice, saveTemplate } from '@/store/edits';
import { newId, now } from '@/store/studio';
import { fileNameOf } from '@/core/students/called';
import { saveFile } from '../shell/save-file';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';

/**
 * What can be done with a practice as a whole: name it, keep it as a template, give it to another student, take it out,
 * remove it.
 */
export function PracticeMenu({ practice }: { practice: Practice }) {
  const { db } = useStudio();
  const undo = useUndo();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [asking, setAsking] = useState<'title' | 'template' | 'copy' | null>(null);
  const close = () => setAnchor(null);
  const ask = (what: typeof asking) => {
    close();
    setAsking(what);
  };
  const takeOut = async () => {
    close();
    const own = await db.poses.toArray();
    saveFile(fileNameOf([practice.title], '.kolpos-practice.json'), writePractice(planOf(practice), own));
  };
  const remove = async () => {
    close();
    undo(say('The practice is removed.'), await removePractice(db, practice.id));
  };
  const named = async (title: string) => {
    setAsking(null);
    undo(say('Renamed.'), await changePractice(db, practice.id, (stored) => ({ ...stored, title }), say('Renamed.')));
  };
  const template = async (title: string) => {
    setAsking(null);
    const time = now();
    const kept = { ...planOf(practice), title, id: newId(), createdAt: time, updatedAt: time };
    undo(say('Kept as a template, without notes or name.'), await saveTemplate(db, kept));
  };
  return (
    <>
      <Button size="small" aria-haspopup="menu" onClick={(e) => setAnchor(e.currentTarget)}>
        {say('More …')}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={close}>
        <MenuItem onClick={() => ask('title')}>{say('Rename')}</MenuItem>
        <MenuItem onClick={() => ask('template')} disabled={practice.items.length === 0}>
          {say('Keep as a template')}
        </MenuItem>
        <MenuItem onClick={() => ask('copy')} disabled={practice.items.length === 0}>
          {say('Fit it to another student')}
        </MenuItem>
        <MenuItem onClick={() => void takeOut()} disabled={practice.items.length === 0}>
          {say('Save it as a file')}
        </MenuItem>
        <MenuItem onClick={() => void remove()}>{say('Remove this practice')}</MenuItem>
      </Menu>
      {(asking === 'title' || asking === 'template') && (
        <TitleDialog
          heading={asking === 'title' ? say('What is it called?') : say('What is the template called?')}
          title={practice.title}
          onPut={(title) => void (asking === 'title' ? named(title) : template(title))}
          onClose={() => setAsking(null)}
        />
      )}
      {asking === 'copy' && <CopyDialog practice={practice} onClose={() => setAsking(null)} />}
    </>
  );
}

function TitleDialog({
  heading,
  title,
  onPut,
  onClose,
}: {
  heading: string;
  title: string;
  onPut: (title: string) => void;
  onClose: () => void;
}) {
  const [text, setText] = useState(title);
  const wrong =
    text.trim() === '' ? say('It needs a name.') : text.length > 120 ? say('At most 120 letters, please.') : null;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="title-heading">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (!wrong) onPut(text.trim());
        }}
      >
        <DialogTitle id="title-heading">{heading}</DialogTitle>
        <DialogContent>
          <TextField
            autoFocus
            fullWidth
            label={say('Name')}
            value={text}
            error={wrong !== null}
            helperText={wrong}
            onChange={(e) => setText(e.target.value)}
            sx={{ mt: 1 }}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{say('Leave it')}</Button>
          <Button type="submit" variant="contained">
            {say('Keep the name')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

function CopyDialog({ practice, onClose }: { practice: Practice; onClose: () => void }) {
  const { db, base } = useStudio();
  const router = useRouter();
  const students = useLiveQuery(() => db.students.orderBy('name').toArray(), [db]) ?? [];
  const others = students.filter((s) => s.id !== practice.student && !s.archived);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="copy-heading">
      <DialogTitle id="copy-heading">{say('For whom?')}</DialogTitle>
      <DialogContent>
        <Typography sx={{ mb: 1.5 }}>
          {say(
            'Every rung is fitted anew: what is not allowed or out of reach there is taken milder or swapped, and you are told.',
          )}
        </Typography>
        <Autocomplete
          options={others}
          getOptionLabel={(s) => s.name}
          getOptionKey={(s) => s.id}
          noOptionsText={say('No other student has this name.')}
          onChange={(_, s) =>
            s && router.push(`${base}/student?id=${s.id}&step=practice&from=${encodeURIComponent(practice.id)}`)
          }
          renderInput={(params) => <TextField {...params} autoFocus label={say('Student')} />}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{say('Leave it')}</Button>
      </DialogActions>
    </Dialog>
  );
}
