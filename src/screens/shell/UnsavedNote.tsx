'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { writeUnsaved } from '@/store/unsaved';
import { saveFile } from './save-file';
import { useStudio } from './studio-context';
import { useUnsaved } from './use-unsaved';

/** Says loudly that readings could only be kept in memory, and offers the two ways out. */
export function UnsavedNote() {
  const { db } = useStudio();
  const held = useUnsaved();
  if (held.readings.length === 0) return null;
  const count = held.readings.length === 1 ? 'One reading is' : `${held.readings.length} readings are`;
  return (
    <Alert
      severity="error"
      variant="filled"
      sx={{ borderRadius: 0, fontSize: 16 }}
      action={
        <>
          <Button
            color="inherit"
            onClick={() => saveFile('kolpos-unsaved-readings.json', JSON.stringify(held.readings, null, 2))}
          >
            Save them as a file
          </Button>
          <Button color="inherit" onClick={() => void writeUnsaved(db)}>
            Try again
          </Button>
        </>
      }
    >
      {count} only in this page’s memory: {held.reason}. Do not close it before you have saved a file or made room.
    </Alert>
  );
}
