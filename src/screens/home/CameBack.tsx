'use client';
import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { homeCodesIn } from '@/core/home/code';
import { takeIn, type Given } from '@/core/home/take-in';
import { keepHome } from '@/store/changes';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { Camera } from './Camera';
import { TakenPart } from './TakenPart';
import { codeInPicture } from './picture-code';

/** What a student's phone gives back: photographed, pasted or opened; shown first, kept on a press. */
export function CameBack({ onClose }: { onClose: () => void }) {
  const { db } = useStudio();
  const undo = useUndo();
  const [text, setText] = useState('');
  const [filming, setFilming] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [given, setGiven] = useState<Extract<Given, { ok: true }> | null>(null);
  const look = async (what: string) => {
    setFilming(false);
    const [students, practices, logs, readings] = await Promise.all([
      db.students.toArray(),
      db.practices.toArray(),
      db.logs.toCollection().primaryKeys(),
      db.readings.toCollection().primaryKeys(),
    ]);
    const answer = takeIn(what, {
      students,
      practices,
      logs: new Set(logs),
      readings: new Set(readings),
      now: Date.now(),
    });
    setGiven(answer.ok ? answer : null);
    setProblem(answer.ok ? null : answer.message);
  };
  const open = async (file: File) => {
    setProblem(null);
    if (!file.type.startsWith('image/')) {
      await look(await file.text());
      return;
    }
    const found = await codeInPicture(file);
    if (found === null)
      setProblem(say('No square code can be read in this picture. Take it again, nearer and straight from the front.'));
    else await look(found);
  };
  const fresh = given?.taken.filter((t) => !t.known) ?? [];
  const keep = async () => {
    undo(say('What came back is in the log.'), await keepHome(db, fresh));
    onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="back-title">
      <DialogTitle id="back-title">{say('Back from home')}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        {!given && (
          <>
            <Typography>
              {say(
                'Photograph the square code on the student’s phone, paste the line that was sent, or open the file.',
              )}
            </Typography>
            {filming ? (
              <Camera onCode={(code) => void look(code)} onClose={() => setFilming(false)} />
            ) : (
              <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
                <Button variant="contained" onClick={() => setFilming(true)}>
                  {say('Use the camera')}
                </Button>
                <Button component="label" variant="outlined">
                  {say('Open a picture or file')}
                  <input
                    hidden
                    type="file"
                    aria-label={say('Picture or file from the student')}
                    accept="image/*,.txt,text/plain"
                    onChange={(e) => {
                      const [file] = e.target.files ?? [];
                      e.target.value = '';
                      if (file) void open(file);
                    }}
                  />
                </Button>
              </Box>
            )}
            <TextField
              label={say('Or paste it here')}
              multiline
              minRows={2}
              maxRows={6}
              value={text}
              onChange={(e) => {
                const next = e.target.value.slice(0, 200_000);
                setText(next);
                setProblem(null);
                // A whole line needs no further press.
                if (homeCodesIn(next).length > 0) void look(next);
              }}
              helperText={say('A line that begins with KOLPOS1; whatever stands round it does not matter.')}
            />
            {text !== '' && (
              <Button sx={{ justifySelf: 'start' }} onClick={() => void look(text)}>
                {say('Look at it')}
              </Button>
            )}
          </>
        )}
        {problem && (
          <Alert severity="warning" role="alert">
            {problem}
          </Alert>
        )}
        {given?.taken.map((t, i) => (
          <TakenPart key={t.log?.id ?? t.readings[0]?.id ?? i} taken={t} />
        ))}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{fresh.length > 0 || !given ? say('Leave it') : say('Close')}</Button>
        {fresh.length > 0 && (
          <Button variant="contained" onClick={() => void keep()}>
            {say('Keep it in the log')}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
