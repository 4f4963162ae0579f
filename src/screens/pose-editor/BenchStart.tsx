'use client';
import { say } from '@/core/languages/spoken';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { copyOf, standingPose } from '@/core/pose-editor/edit';
import { readPose, writePose } from '@/core/formats/pose';
import { LIBRARY, type Shape } from '@/core/poses';
import type { OwnShape } from '@/core/poses/schema';
import { removePose, savePose } from '@/store/changes';
import { newId, now } from '@/store/studio';
import { PoseFigure } from '../poses/PoseFigure';
import { useOwnPoses } from '../shell/OwnPoses';
import { saveFile } from '../shell/save-file';
import { useStudio } from '../shell/studio-context';
import { BringInButton, RefusedNote, type RefusedFile } from '../shell/BringIn';
import { useUndo } from '../shell/use-undo';
import { shapeOptions } from '@/screens/poses/shape-options';

/** Where a pose is begun, and those that are hers already. */
export function BenchStart() {
  const { db, base } = useStudio();
  const router = useRouter();
  const undo = useUndo();
  const own = useOwnPoses();
  const [problem, setProblem] = useState<RefusedFile | null>(null);
  const at = (id: string) => `${base}/poses/bench?pose=${id}`;
  const begin = (pose: OwnShape) => void savePose(db, pose).then(() => router.push(at(pose.id)));
  const id = () => `own-${newId()}`;
  const into = async (file: File) => {
    setProblem(null);
    const result = readPose(await file.text(), now());
    if (!result.ok) return setProblem({ ...result.problem, file: file.name });
    const change = await savePose(db, result.pose);
    undo(
      result.obstacles.length === 0
        ? say('“{{name}}” is in your library.', { name: result.pose.name })
        : say('“{{name}}” is on the bench. It cannot be done as it stands: {{what}}', {
            name: result.pose.name,
            what: result.obstacles[0],
          }),
      change,
    );
  };
  const remove = async (pose: OwnShape) =>
    undo(say('“{{name}}” is removed.', { name: pose.name }), await removePose(db, pose.id));
  return (
    <Box sx={{ p: 2, maxWidth: 900 }}>
      <Typography variant="h1">{say('Pose bench')}</Typography>
      <Typography sx={{ color: 'var(--ink-2)', mb: 2 }}>
        {say(
          'Make a pose of your own, or change one of the library. Pull the joints, say what touches what, and see at once what is stretched, what works and what cannot be.',
        )}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
        <Button variant="contained" onClick={() => begin(standingPose(id(), now()))}>
          {say('Start from standing')}
        </Button>
        <Autocomplete<Shape>
          options={[...LIBRARY]}
          filterOptions={shapeOptions}
          getOptionLabel={(s) => (s.sanskrit ? `${say(s.name)} (${say(s.sanskrit)})` : say(s.name))}
          getOptionKey={(s) => s.id}
          groupBy={(s) => say(s.position)}
          size="small"
          sx={{ width: 320 }}
          noOptionsText={say('No pose of the library has this name.')}
          onChange={(_, shape) => shape && begin(copyOf(shape, id(), now()))}
          renderInput={(params) => <TextField {...params} label={say('Start from a pose')} />}
        />
        <BringInButton
          words={say('Bring in a pose file')}
          label={say('Pose file to bring in')}
          onFile={(file) => void into(file)}
        />
      </Box>
      {problem && <RefusedNote problem={problem} onClose={() => setProblem(null)} />}
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {say('Your poses')}
      </Typography>
      {own.length === 0 && <Typography>{say('None yet. What you begin here is kept by itself.')}</Typography>}
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          m: 0,
          p: 0,
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: 'repeat(auto-fill, minmax(250px, 1fr))',
        }}
      >
        {own.map((pose) => (
          <Box
            component="li"
            key={pose.id}
            sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 1.5 }}
          >
            <PoseFigure
              pose={pose.id}
              rung={1}
              side={pose.sided ? 'right' : 'both'}
              depth={1}
              height={110}
              muscles={false}
            />
            <Typography variant="h3">{pose.name}</Typography>
            <Typography variant="caption" component="p">
              {pose.rungs.length === 1 ? say('one rung') : say('{{count}} rungs', { count: pose.rungs.length })},{' '}
              {say(pose.position)}; {pose.inLibrary ? say('in the library') : say('still on the bench')}
            </Typography>
            <Box sx={{ display: 'flex', gap: 0.5, mt: 0.5, ml: -1 }}>
              <Button
                size="small"
                component={Link}
                href={at(pose.id)}
                aria-label={say('Open {{name}}', { name: pose.name })}
              >
                {say('Open')}
              </Button>
              <Button
                size="small"
                aria-label={say('Take out {{name}}', { name: pose.name })}
                onClick={() => saveFile(`${pose.name.replace(/[^\p{L}\p{N}]+/gu, '-')}.json`, writePose(pose))}
              >
                {say('Take out')}
              </Button>
              <Button
                size="small"
                aria-label={say('Remove {{name}}', { name: pose.name })}
                onClick={() => void remove(pose)}
              >
                {say('Remove')}
              </Button>
            </Box>
          </Box>
        ))}
      </Box>
      <Typography variant="caption" component="p" sx={{ mt: 2 }}>
        {say('The file format is open:')} <a href="/pose.schema.json">{say('its JSON Schema')}</a>
        {say('. Save a backup of everything in Settings & files holds your poses too.')}
      </Typography>
    </Box>
  );
}
