import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { writePose } from '@/core/formats/pose';
import type { OwnShape } from '@/core/poses/schema';
import { saveFile } from '../shell/save-file';
import { useStudio } from '../shell/studio-context';
import type { Bench } from './use-bench';
import { Words } from './WordPanel';

/** Name of a pose on the bench, ways back, and whether it is in the library. */
export function BenchHead({
  bench,
  onMirror,
  onLibrary,
}: {
  bench: Bench;
  onMirror: () => void;
  onLibrary: (on: boolean) => void;
}) {
  'use memo';
  const { base } = useStudio();
  const { shape, change, undo, redo, canUndo, canRedo, flush } = bench;
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mb: 1 }}>
      <Typography variant="h1" sx={{ fontSize: 20 }}>
        {say('Pose bench')}
      </Typography>
      <Box sx={{ flex: '1 1 200px', maxWidth: 320 }}>
        <Words
          label={say('Name')}
          value={shape.name}
          most={60}
          needed
          onPut={(name) => change((s) => ({ ...s, name }), 'name')}
        />
      </Box>
      <Button size="small" disabled={!canUndo} onClick={undo}>
        {say('Undo')}
      </Button>
      <Button size="small" disabled={!canRedo} onClick={redo}>
        {say('Redo')}
      </Button>
      <Button size="small" onClick={onMirror}>
        {say('Mirror')}
      </Button>
      <Button
        size="small"
        onClick={() => saveFile(`${shape.name.replace(/[^\p{L}\p{N}]+/gu, '-')}.json`, writePose(shape))}
      >
        {say('Take out')}
      </Button>
      <FormControlLabel
        control={<Switch size="small" checked={shape.inLibrary} onChange={(_, on) => onLibrary(on)} />}
        label={say('in the library')}
      />
      <Box sx={{ flex: 1 }} />
      <Button size="small" component={Link} href={`${base}/poses/bench`} onClick={() => void flush()}>
        {say('All my poses')}
      </Button>
    </Box>
  );
}

const TOLD = 3;

/** What is to be known before going on: another window's version, and why the pose cannot be done yet. */
export function BenchNotes({
  bench,
  stored,
  obstacles,
}: {
  bench: Bench;
  stored: OwnShape;
  obstacles: readonly string[];
}) {
  'use memo';
  return (
    <>
      {stored.updatedAt > bench.savedAt && (
        <Alert
          severity="warning"
          sx={{ mb: 1 }}
          action={
            <Button color="inherit" size="small" onClick={() => bench.adopt(stored)}>
              {say('Show that one')}
            </Button>
          }
        >
          {say('This pose was changed in another window. What you change here next replaces it.')}
        </Alert>
      )}
      {obstacles.length > 0 && (
        <Alert severity="info" role="alert" sx={{ mb: 1 }}>
          <strong>{say('It stays on the bench until it can be done.')}</strong> {obstacles.slice(0, TOLD).join(' ')}
          {obstacles.length > TOLD ? say(' And {{count}} more.', { count: obstacles.length - TOLD }) : ''}
        </Alert>
      )}
    </>
  );
}
