'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { saysSealed } from '@/core/formats/sealed';
import { textOf } from '@/core/formats/text';
import { bringIn, compare, type Incoming } from '@/store/bring-in';
import { takeOut } from '@/store/take-out';
import { canSeal, seal, unseal } from '@/store/sealing';
import { today } from '@/store/studio';
import { BringInButton, RefusedNote, type RefusedFile } from '../shell/BringIn';
import { saveFile } from '../shell/save-file';
import { useBackup } from '../shell/use-backup';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { broughtWords } from './incoming-words';
import { IncomingDialog } from './IncomingDialog';
import { EmptyStudio } from './EmptyStudio';
import { FolderPart } from './FolderPart';
import { PassphraseDialog } from './PassphraseDialog';
import { counted, plural } from '@/core/plural';

const NO_LOCKS =
  'Locked files need a safe address: https, or Kolpos on this machine itself. The open file works everywhere.';

/** Everything out, open or locked; a file in; and the studio emptied. */
export function FilesPart() {
  const { db, name } = useStudio();
  const { enqueueSnackbar } = useSnackbar();
  const undo = useUndo();
  const { out, told } = useBackup();
  const [refused, setRefused] = useState<RefusedFile | null>(null);
  const [locking, setLocking] = useState(false);
  const [locked, setLocked] = useState<{ file: string; text: string } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [incoming, setIncoming] = useState<{ file: string; what: Incoming } | null>(null);

  const outLocked = async (passphrase: string) => {
    setBusy(true);
    try {
      const text = await takeOut(db);
      saveFile(`kolpos-${name}-${today()}-locked.json`, await seal(text, passphrase));
      await told(text, say('Everything is in the locked file.'));
    } catch (error) {
      enqueueSnackbar(
        say('It could not be locked: {{what}}', { what: error instanceof Error ? error.message : String(error) }),
        { variant: 'error' },
      );
    } finally {
      setBusy(false);
      setLocking(false);
    }
  };
  const bring = async (file: string, text: string) => {
    const result = await compare(db, text);
    if (result.ok) setIncoming({ file, what: result.incoming });
    else setRefused({ ...result.problem, file });
  };
  const accept = async ({ record }: Incoming) => {
    setIncoming(null);
    const result = await bringIn(db, record);
    undo(
      say('Brought in {{brought}}.{{what}}', {
        brought: broughtWords(result.counts),
        what:
          result.newerHere > 0
            ? say(' {{counted}} newer here and stay as they are.', {
                counted: counted(result.newerHere, say('entry was'), say('entries were')),
              })
            : '',
      }),
      {
        undo: async () => {
          const stay = await result.undo();
          if (stay > 0)
            enqueueSnackbar(
              say('{{counted}} changed since and {{plural}}; the rest is taken back.', {
                counted: counted(stay, say('entry was'), say('entries were')),
                plural: plural(stay, 'stays', 'stay'),
              }),
            );
        },
      },
    );
  };
  const into = async (file: File) => {
    setRefused(null);
    setProblem(null);
    const read = textOf(new Uint8Array(await file.arrayBuffer()));
    if (!read.ok) {
      setRefused({ ...read.problem, file: file.name });
      return;
    }
    const { text } = read;
    if (!saysSealed(text)) await bring(file.name, text);
    else if (!canSeal()) setRefused({ field: say('the address'), message: say(NO_LOCKS), file: file.name });
    else setLocked({ file: file.name, text });
  };
  const open = async (passphrase: string) => {
    if (!locked) return;
    setBusy(true);
    const opened = await unseal(locked.text, passphrase);
    setBusy(false);
    if (opened.ok) {
      setLocked(null);
      await bring(locked.file, opened.text);
    } else if (opened.problem.field === 'the passphrase') setProblem(opened.problem.message);
    else {
      setLocked(null);
      setRefused({ ...opened.problem, file: locked.file });
    }
  };
  return (
    <Box component="section" aria-label={say('Files')}>
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {say('Files')}
      </Typography>
      <Typography sx={{ mb: 2 }}>
        {say(
          'One file holds everything of this studio: students, readings, practices, templates, logs, weeks ahead, classes, visits, your own poses and settings. A file that you bring in is shown first, beside what is here; what is newer here stays.',
        )}
      </Typography>
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap' }}>
        <Button variant="contained" onClick={() => void out()}>
          {say('Save a backup of everything')}
        </Button>
        <Button
          variant="outlined"
          onClick={() => (canSeal() ? setLocking(true) : enqueueSnackbar(say(NO_LOCKS), { variant: 'info' }))}
        >
          {say('Save a locked backup')}
        </Button>
        <BringInButton
          words={say('Bring a file in')}
          label={say('File to bring in')}
          onFile={(file) => void into(file)}
        />
        <EmptyStudio />
      </Box>
      <FolderPart />
      {refused && <RefusedNote problem={refused} onClose={() => setRefused(null)} />}
      <Typography variant="caption" component="p" sx={{ mt: 1 }}>
        {say('The format is open:')} <a href="/record.schema.json">{say('its JSON Schema')}</a>
        {say('. A locked file is the same, encrypted with your passphrase (AES-256, key by PBKDF2).')}
      </Typography>
      {locking && (
        <PassphraseDialog
          locks
          busy={busy}
          problem={null}
          onSay={(p) => void outLocked(p)}
          onClose={() => setLocking(false)}
        />
      )}
      {incoming && (
        <IncomingDialog
          file={incoming.file}
          incoming={incoming.what}
          onBring={() => void accept(incoming.what)}
          onClose={() => setIncoming(null)}
        />
      )}
      {locked && (
        <PassphraseDialog
          locks={false}
          busy={busy}
          problem={problem}
          onSay={(p) => void open(p)}
          onClose={() => setLocked(null)}
        />
      )}
    </Box>
  );
}
