'use client';
import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import { Moments } from '@/core/formats/moments';
import { missingRole, rolesOf, type Role } from '@/core/formats/sheets/columns';
import { readSheet, type Answers } from '@/core/formats/sheets/read';
import type { Table } from '@/core/formats/sheets/table';
import { keepHome } from '@/store/changes';
import { newId, now } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { SheetColumns } from './SheetColumns';
import { SheetDoubts } from './SheetDoubts';
import { counted } from '@/core/plural';

/** Rows left out that are listed. */
const MOST_LISTED = 12;
const readingsOf = (count: number): string => `${counted(count, 'reading')}`;

/**
 * A foreign table: what its columns mean, what is not clear, and what would come in; nothing is kept before the last
 * press.
 */
export function SheetDialog({ file, table, onClose }: { file: string; table: Table; onClose: () => void }) {
  const { db } = useStudio();
  const undo = useUndo();
  const [roles, setRoles] = useState<Role[]>(() => rolesOf(table));
  const [answers, setAnswers] = useState<Answers>({});
  const here = useLiveQuery(
    async () => ({ students: await db.students.toArray(), readings: await db.readings.toArray() }),
    [db],
  );
  const missing = missingRole(roles);
  const read = useMemo(
    () => (here && !missing ? readSheet(table, roles, answers, { ...here, moments: new Moments(now()), newId }) : null),
    [here, missing, table, roles, answers],
  );
  const open = read?.doubts.filter((d) => d.answer === null).length ?? 0;
  const keep = async () => {
    if (!read) return;
    const change = await keepHome(db, [{ log: null, readings: read.readings }]);
    undo(say('{{readings}} from {{file}}.', { readings: readingsOf(read.readings.length), file }), change);
    onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="sheet-title">
      <DialogTitle id="sheet-title">{say('Readings from {{file}}', { file })}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
        <SheetColumns
          table={table}
          roles={roles}
          onRole={(at, role) => {
            // A plain role is held by one column.
            setRoles(roles.map((r, i) => (i === at ? role : typeof role === 'string' && r === role ? 'skip' : r)));
            setAnswers({});
          }}
        />
        {missing && <Alert severity="info">{missing}</Alert>}
        {read && read.doubts.length > 0 && (
          <SheetDoubts doubts={read.doubts} onAnswer={(key, value) => setAnswers({ ...answers, [key]: value })} />
        )}
        {read && (
          <Typography role="status">
            {say('{{readings}} can come in', { readings: readingsOf(read.readings.length) })}
            {read.known > 0 && say('; {{counted}} here already', { counted: counted(read.known, 'is', 'are') })}
            {read.leftOut.length > 0 && say('; {{count}} stay out', { count: read.leftOut.length })}.
          </Typography>
        )}
        {read && read.leftOut.length > 0 && (
          <details>
            <summary>{say('What stays out, and why')}</summary>
            {read.leftOut.slice(0, MOST_LISTED).map((l, i) => (
              <Typography key={i}>{say('Row {{count}}: {{why}}', { count: l.row, why: l.why })}</Typography>
            ))}
            {read.leftOut.length > MOST_LISTED && (
              <Typography>{say('And {{count}} more.', { count: read.leftOut.length - MOST_LISTED })}</Typography>
            )}
          </details>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{say('Leave it')}</Button>
        <Button
          variant="contained"
          disabled={!read || open > 0 || read.readings.length === 0}
          onClick={() => void keep()}
        >
          {read ? say('Keep {{readings}}', { readings: readingsOf(read.readings.length) }) : say('Keep')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
