'use client';
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
        ? `“${result.pose.name}” is in your library.`
        : `“${result.pose.name}” is on the bench. It cannot be done as it stands: ${result.obstacles[0]}`,
      change,
    );
  };
  const remove = async (pose: OwnShape) => undo(`“${pose.name}” is removed.`, await removePose(db, pose.id));
  return (
    <Box sx={{ p: 2, maxWidth: 900 }}>
      <Typography variant="h1">Pose bench</Typography>
      <Typography sx={{ color: 'var(--ink-2)', mb: 2 }}>
        Make a pose of your own, or change one of the library. Pull the joints, say what touches what, and see at once
        what is stretched, what works and what cannot be.
      </Typography>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
        <Button variant="contained" onClick={() => begin(standingPose(id(), now()))}>
          Start from standing
        </Button>
        <Autocomplete<Shape>
          options={[...LIBRARY]}
          filterOptions={shapeOptions}
          getOptionLabel={(s) => (s.sanskrit ? `${s.name} (${s.sanskrit})` : s.name)}
          getOptionKey={(s) => s.id}
          groupBy={(s) => s.position}
          size="small"
          sx={{ width: 320 }}
          noOptionsText="No pose of the library has this name."
          onChange={(_, shape) => shape && begin(copyOf(shape, id(), now()))}
          renderInput={(params) => <TextField {...params} label="Start from a pose" />}
        />
        <BringInButton words="Bring in a pose file" label="Pose file to bring in" onFile={(file) => void into(file)} />
      </Box>
      {problem && <RefusedNote problem={problem} onClose={() => setProblem(null)} />}
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        Your poses
      </Typography>
      {own.length === 0 && <Typography>None yet. What you begin here is kept by itself.</Typography>}
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
              {pose.rungs.length === 1 ? 'one rung' : `${pose.rungs.length} rungs`}, {pose.position};{' '}
              {pose.inLibrary ? 'in the library' : 'still on the bench'}
            </Typography>
            <Box sx={{ display: 'flex', gap: 0.5, mt: 0.5, ml: -1 }}>
              <Button size="small" component={Link} href={at(pose.id)} aria-label={`Open ${pose.name}`}>
                Open
              </Button>
              <Button
                size="small"
                aria-label={`Take out ${pose.name}`}
                onClick={() => saveFile(`${pose.name.replace(/[^\p{L}\p{N}]+/gu, '-')}.json`, writePose(pose))}
              >
                Take out
              </Button>
              <Button size="small" aria-label={`Remove ${pose.name}`} onClick={() => void remove(pose)}>
                Remove
              </Button>
            </Box>
          </Box>
        ))}
      </Box>
      <Typography variant="caption" component="p" sx={{ mt: 2 }}>
        The file format is open: <a href="/pose.schema.json">its JSON Schema</a>. Save a backup of everything in
        Settings & files holds your poses too.
      </Typography>
    </Box>
  );
}
