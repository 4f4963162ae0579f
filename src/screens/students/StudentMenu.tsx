'use client';
import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { studentPage } from '@/core/formats/student-page';
import { firstName } from '@/core/students/called';
import type { Student } from '@/core/students/student';
import { takeOutStudent } from '@/store/take-out';
import { deleteForGood } from '@/store/removed';
import { today } from '@/store/studio';
import { notReadWords, readBack } from '../shell/read-back';
import { saveFile } from '../shell/save-file';
import { useStudio } from '../shell/studio-context';

const fileOf = (name: string): string =>
  name
    .toLowerCase()
    .replaceAll(/[^\p{L}\p{N}]+/gu, '-')
    .replaceAll(/^-|-$/g, '') || 'student';

/** What can be done with one student as a whole: a file of her alone, a page for her to read, deleted for good. */
export function StudentMenu({ student }: { student: Student }) {
  const { db } = useStudio();
  const { enqueueSnackbar } = useSnackbar();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [deleting, setDeleting] = useState(false);
  const close = () => setAnchor(null);
  const takeOut = async (): Promise<boolean> => {
    close();
    const text = await takeOutStudent(db, student.id);
    saveFile(`kolpos-${fileOf(student.name)}-${today()}.json`, text);
    const odd = await readBack(text);
    if (!odd) {
      enqueueSnackbar(notReadWords(), { variant: 'warning', persist: true });
      return false;
    }
    enqueueSnackbar(
      odd.length === 0
        ? say('Everything of {{name}} is in the file. “Bring a file in” opens it.', { name: student.name })
        : say('The file holds everything, but one entry could not be brought in again: {{where}}: {{why}}', {
            where: odd[0].where,
            why: odd[0].why,
          }),
      odd.length === 0 ? {} : { variant: 'warning', persist: true },
    );
    return odd.length === 0;
  };
  const page = async () => {
    close();
    const [readings, practices, logs, plan, visits] = await Promise.all([
      db.readings.where('student').equals(student.id).toArray(),
      db.practices.where('student').equals(student.id).toArray(),
      db.logs.where('student').equals(student.id).toArray(),
      db.plans.get(student.id),
      db.visits.where('student').equals(student.id).toArray(),
    ]);
    const html = studentPage({ student, readings, practices, logs, plan: plan ?? null, visits }, today());
    saveFile(`what-is-kept-of-${fileOf(student.name)}.html`, html, 'text/html');
  };
  return (
    <>
      <Button
        size="small"
        aria-haspopup="menu"
        aria-label={say('More about {{name}}', { name: student.name })}
        onClick={(e) => setAnchor(e.currentTarget)}
      >
        {say('More …')}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={close}>
        <MenuItem onClick={() => void takeOut()}>{say('Save this student as a file')}</MenuItem>
        <MenuItem onClick={() => void page()}>{say('Save a page to read')}</MenuItem>
        <MenuItem
          onClick={() => {
            close();
            setDeleting(true);
          }}
        >
          {say('Delete for good …')}
        </MenuItem>
      </Menu>
      {deleting && (
        <DeleteDialog
          student={student}
          onFile={takeOut}
          onDelete={async () => {
            await deleteForGood(db, student.id);
            enqueueSnackbar(say('Everything of {{name}} is deleted.', { name: student.name }));
          }}
          onClose={() => setDeleting(false)}
        />
      )}
    </>
  );
}

/** Asks before a student is deleted: a file first, and the first name typed. */
function DeleteDialog({
  student,
  onFile,
  onDelete,
  onClose,
}: {
  student: Student;
  onFile: () => Promise<boolean>;
  onDelete: () => Promise<void>;
  onClose: () => void;
}) {
  const [typed, setTyped] = useState('');
  const [saved, setSaved] = useState(false);
  const first = firstName(student.name);
  const same = typed.trim().toLowerCase() === first.toLowerCase();
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="delete-title">
      <DialogTitle id="delete-title">{say('Delete {{name}} for good?', { name: student.name })}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        <Typography>
          {say(
            'Answers, readings, practices, lessons, weeks and pictures go, and what was removed before. There is no undo. Backups made before still hold this student, and old words may stay for a while in the browser’s own files.',
          )}
        </Typography>
        <Button variant="outlined" onClick={() => void onFile().then(() => setSaved(true))}>
          {saved ? say('Saved. Save it again') : say('Save a file first')}
        </Button>
        {!saved && (
          <Alert severity="info">{say('Without a file nothing of this student can ever be brought back.')}</Alert>
        )}
        <TextField
          label={say('Type “{{first}}” to go on', { first })}
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
          autoComplete="off"
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{say('Leave it')}</Button>
        <Button
          variant="contained"
          color="warning"
          disabled={!same}
          onClick={() => {
            onClose();
            void onDelete();
          }}
        >
          {say('Delete for good')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
