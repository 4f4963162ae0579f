'use client';
import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import type { SetAsideRow } from '@/core/formats/set-aside';
import type { Incoming } from '@/store/bring-in';
import { saveFile } from '../shell/save-file';
import { changesNothing, rowWords, studentWords, tallyWords } from './incoming-words';
import { counted } from '@/core/plural';

/** Entries left out that are listed; the file that can be saved holds all of them. */
const MOST_LISTED = 12;

/** What a file holds beside what is here, before anything is written. */
export function IncomingDialog({
  file,
  incoming,
  onBring,
  onClose,
}: {
  file: string;
  incoming: Incoming;
  onBring: () => void;
  onClose: () => void;
}) {
  const { students, others, setAside, digest } = incoming;
  const nothing = changesNothing(students, others);
  const told = students.filter((s) => s.standing !== 'same' || tallyWords(s.rows) !== '');
  const same = students.length - told.length;
  return (
    <Dialog open onClose={onClose} aria-labelledby="incoming-title" maxWidth="md" fullWidth>
      <DialogTitle id="incoming-title">{say('What is in {{file}}', { file })}</DialogTitle>
      <DialogContent>
        {digest === 'differs' && (
          <Alert severity="warning" sx={{ mb: 2 }}>
            {say(
              'This file is not as Kolpos wrote it: it was changed by hand, or damaged on the way. Look closely before you bring it in.',
            )}
          </Alert>
        )}
        {setAside.length > 0 && (
          <LeftOut file={file} rows={setAside} names={new Map(students.map((s) => [s.id, s.name]))} />
        )}
        {nothing ? (
          <Typography>{say('Everything that can be read in it is here already, or newer here.')}</Typography>
        ) : (
          <>
            {told.length > 0 && (
              <Table size="small" aria-label={say('Students in the file')}>
                <TableHead>
                  <TableRow>
                    <TableCell>{say('Student')}</TableCell>
                    <TableCell>{say('What was asked')}</TableCell>
                    <TableCell>{say('Readings, practices, lessons, weeks')}</TableCell>
                  </TableRow>
                </TableHead>
                <TableBody>
                  {told.map((s) => (
                    <TableRow key={s.id}>
                      <TableCell sx={{ overflowWrap: 'anywhere' }}>{s.name}</TableCell>
                      <TableCell>{studentWords(s)}</TableCell>
                      <TableCell>{rowWords(s.rows)}</TableCell>
                    </TableRow>
                  ))}
                </TableBody>
              </Table>
            )}
            {same > 0 && (
              <Typography sx={{ mt: 1 }}>
                {say('{{counted}} the same here and there.', {
                  counted: counted(same, say('student is'), say('students are')),
                })}
              </Typography>
            )}
            {tallyWords(others) && (
              <Typography sx={{ mt: 1 }}>
                {say('Own poses, templates, classes with their visits, and settings: {{tally}}.', {
                  tally: tallyWords(others),
                })}
              </Typography>
            )}
            <Typography variant="caption" component="p" sx={{ mt: 1 }}>
              {say(
                'What is newer here stays. No caution is lifted and no pain forgotten because a file leaves it out.',
              )}
            </Typography>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{nothing ? say('Close') : say('Leave it')}</Button>
        {!nothing && (
          <Button variant="contained" onClick={onBring}>
            {say('Bring it in')}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

/** Whose row it is, in brackets, where that can be told. */
function whose(row: unknown, names: ReadonlyMap<string, string>): string {
  const { student } = (row ?? {}) as { student?: unknown };
  const name = typeof student === 'string' ? names.get(student) : undefined;
  return name ? ` (${name})` : '';
}

/** What cannot be read, where and why, with a file to keep it in. */
function LeftOut({
  file,
  rows,
  names,
}: {
  file: string;
  rows: readonly SetAsideRow[];
  names: ReadonlyMap<string, string>;
}) {
  const rest = rows.length - MOST_LISTED;
  return (
    <Alert
      severity="warning"
      sx={{ mb: 2 }}
      action={
        <Button color="inherit" onClick={() => saveFile(`left-out-of-${file}`, `${JSON.stringify(rows, null, 2)}\n`)}>
          {say('Save them')}
        </Button>
      }
    >
      <strong>
        {say('{{what}} left out; the rest comes in.', {
          what:
            rows.length === 1
              ? say('One entry cannot be taken and is')
              : say('{{count}} entries cannot be taken and are', { count: rows.length }),
        })}
      </strong>
      <ul style={{ margin: 0, paddingLeft: 18 }}>
        {rows.slice(0, MOST_LISTED).map(({ where, why, row }) => (
          <li key={where}>
            <code>{where}</code>
            {whose(row, names)}: {why}
          </li>
        ))}
        {rest > 0 && <li>{say('and {{count}} more', { count: rest })}</li>}
      </ul>
    </Alert>
  );
}
