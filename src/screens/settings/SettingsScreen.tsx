'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useColorScheme } from '@mui/material/styles';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { bringIn, takeOut } from '@/store/exchange';
import { useStudio } from '../shell/studio-context';
import { BringInButton, RefusedNote, type RefusedFile } from '../shell/BringIn';
import { useUndo } from '../shell/use-undo';
import { AimSettings } from './AimSettings';
import { MeasuringSettings } from './MeasuringSettings';
import { PoseSettings } from './PoseSettings';

/** Light, files, and where the numbers come from. */
export function SettingsScreen() {
  const { db, name } = useStudio();
  const { mode, setMode } = useColorScheme();
  const { enqueueSnackbar } = useSnackbar();
  const undo = useUndo();
  const [problem, setProblem] = useState<RefusedFile | null>(null);

  const out = async () => {
    const url = URL.createObjectURL(new Blob([await takeOut(db)], { type: 'application/json' }));
    const a = document.createElement('a');
    a.href = url;
    a.download = `kolpos-${name}-${new Date().toISOString().slice(0, 10)}.json`;
    a.click();
    URL.revokeObjectURL(url);
    enqueueSnackbar('Everything is in the file. Keep it somewhere safe: it holds health notes.');
  };
  const into = async (file: File) => {
    setProblem(null);
    const result = await bringIn(db, await file.text());
    if (!result.ok) setProblem({ ...result.problem, file: file.name });
    else
      undo(
        `Brought in ${result.counts.students} students, ${result.counts.readings} readings, ${result.counts.practices} practices, ${result.counts.logs} logs, ${result.counts.templates} templates and ${result.counts.poses} own poses.`,
        result,
      );
  };
  return (
    <Box sx={{ p: 3, maxWidth: 720 }}>
      <Typography variant="h1" gutterBottom>
        Settings & files
      </Typography>
      <MeasuringSettings />
      <AimSettings />
      <PoseSettings />
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        Files
      </Typography>
      <Typography sx={{ mb: 2 }}>
        One file holds everything of this studio: students, readings, practices, templates, logs, weeks ahead, your own
        poses and settings. Bringing a file in replaces what has the same name inside and keeps the rest; a broken file
        changes nothing.
      </Typography>
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap' }}>
        <Button variant="contained" onClick={() => void out()}>
          Take everything out
        </Button>
        <BringInButton words="Bring a file in" label="File to bring in" onFile={(file) => void into(file)} />
      </Box>
      {problem && <RefusedNote problem={problem} onClose={() => setProblem(null)} />}
      <Typography variant="caption" component="p" sx={{ mt: 1 }}>
        The format is open: <a href="/record.schema.json">its JSON Schema</a>.
      </Typography>
      <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
        Light
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={mode ?? 'light'}
        onChange={(_, v: 'light' | 'dark' | null) => v && setMode(v)}
        aria-label="Light"
      >
        <ToggleButton value="light">Day</ToggleButton>
        <ToggleButton value="dark">Night</ToggleButton>
      </ToggleButtonGroup>
      <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
        Where the numbers come from
      </Typography>
      <Typography sx={{ mb: 1 }}>
        Muscle paths are recalled from published lower-limb models; norms carry their source beside each reading;
        everything called a rule of thumb is ours. The model has not been tested on people. Kolpos never diagnoses:
        pain, pinching, tingling or numbness ends a test, and a licensed clinician decides what comes next.
      </Typography>
      {name === 'studio' && <Button href="/demo">Look round the demo studio</Button>}
    </Box>
  );
}
