'use client';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useDeferredValue, useMemo, useState } from 'react';
import { allShapes } from '@/core/poses';
import { practiceOf, readSequence, rungFor, settledOf, type Pasted, type ReadLine } from '@/core/practice/pasted';
import type { RankedPose } from '@/core/ranking/rank';
import type { Aim, Student } from '@/core/students/student';
import { newId } from '@/store/studio';

/** What stands for a line where the teacher answered: a shape's id, or to leave it out. */
type Answer = string;
const OUT = '';
const EXAMPLE = 'Child’s pose 2 min\nCat-cow x 8\nLow lunge 8 breaths\nPigeon 2 min each side\nCorpse pose 5 min';

/** A teacher's own sequence, typed or pasted: read as it is typed, asked about where it is not sure, and fitted to this student. */
export function PasteSequence({
  student,
  ranked,
  aims,
  onFit,
  onClose,
}: {
  student: Student;
  ranked: readonly RankedPose[];
  aims: readonly Aim[];
  onFit: (pasted: Pasted) => void;
  onClose: () => void;
}) {
  const [text, setText] = useState('');
  const [answers, setAnswers] = useState<ReadonlyMap<string, Answer>>(new Map());
  const typed = useDeferredValue(text);
  const lines = useMemo(() => readSequence(typed), [typed]);
  const first = student.name.split(' ')[0];
  const poseOf = (line: ReadLine): string | null => {
    const answer = answers.get(line.text);
    if (answer !== undefined) return answer === OUT ? null : answer;
    return line.named.sure?.shape.id ?? null;
  };
  const open = lines.filter((l) => l.what === 'pose' && !answers.has(l.text) && !l.named.sure);
  const taken = lines.filter((l) => l.what === 'pose' && poseOf(l) !== null);
  const fit = () => {
    const settled = lines.map((line) => {
      const pose = poseOf(line);
      const own = settledOf(line);
      return { ...own, pose, rung: pose === own.pose ? own.rung : null };
    });
    onFit(practiceOf(settled, ranked, aims, student.breathSeconds, newId));
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="paste-title">
      <DialogTitle id="paste-title">Your own sequence</DialogTitle>
      <DialogContent>
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1.3fr' }, gap: 3, pt: 1 }}>
          <Box>
            <TextField
              autoFocus
              fullWidth
              multiline
              minRows={12}
              maxRows={20}
              label="One pose a line"
              placeholder={EXAMPLE}
              value={text}
              onChange={(e) => setText(e.target.value)}
              slotProps={{ htmlInput: { maxLength: 8000, spellCheck: false } }}
            />
            <Typography variant="caption" component="p" sx={{ mt: 1 }}>
              With minutes, seconds, breaths or times where you wish; both sides unless you name one. Any name that you
              teach by will do.
            </Typography>
          </Box>
          <Box component="section" aria-label="As it is read">
            {lines.length === 0 && (
              <Typography color="text.secondary">
                What you type is read here, line by line: which pose it is, how long, and which form {first} can do.
              </Typography>
            )}
            <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
              {lines.map((line, i) => (
                <Line
                  key={`${i}-${line.text}`}
                  line={line}
                  pose={poseOf(line)}
                  answered={answers.has(line.text)}
                  ranked={ranked}
                  onAnswer={(answer) => setAnswers((now) => new Map(now).set(line.text, answer))}
                />
              ))}
            </Box>
            {open.length > 0 && (
              <Alert severity="info" sx={{ mt: 1 }}>
                {plural(open.length, 'line')} to look at. What you do not answer is left out.
              </Alert>
            )}
          </Box>
        </Box>
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button onClick={onClose}>Close</Button>
        <Button variant="contained" disabled={taken.length === 0} onClick={fit}>
          Fit it to {first}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Line({
  line,
  pose,
  answered,
  ranked,
  onAnswer,
}: {
  line: ReadLine;
  pose: string | null;
  answered: boolean;
  ranked: readonly RankedPose[];
  onAnswer: (answer: Answer) => void;
}) {
  const row = { borderBottom: '1px solid var(--line)', py: 0.75, display: 'flex', gap: 1, alignItems: 'baseline' };
  if (line.what !== 'pose')
    return (
      <Box component="li" sx={{ ...row, color: 'text.secondary' }}>
        <Box sx={{ flex: 1 }}>{line.text}</Box>
        <Typography variant="caption">
          {line.what === 'again' ? 'both sides are in already' : 'not a pose, left out'}
        </Typography>
      </Box>
    );
  const asks = !line.named.sure || answered;
  const { likely } = line.named;
  const others = allShapes()
    .filter((s) => !likely.some((l) => l.shape.id === s.id))
    .sort((a, b) => (a.name < b.name ? -1 : 1));
  const shape = allShapes().find((s) => s.id === pose);
  return (
    <Box component="li" sx={{ ...row, display: 'block' }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <Box component={shape ? 'strong' : 'span'} sx={{ flex: 1 }}>
          {shape ? shape.name : line.name}
        </Box>
        <Typography variant="caption" className="num">
          {timeWords(line)}
        </Typography>
      </Box>
      {shape && <Typography variant="caption">{formWords(line, shape.id, ranked)}</Typography>}
      {asks && (
        <TextField
          select
          size="small"
          fullWidth
          label={`“${line.name}” is`}
          value={pose ?? OUT}
          onChange={(e) => onAnswer(e.target.value)}
          slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
          sx={{ mt: 0.75 }}
        >
          <option value={OUT}>left out</option>
          {likely.length > 0 && (
            <optgroup label="Perhaps">
              {likely.map(({ shape: s }) => (
                <option key={s.id} value={s.id}>
                  {s.name}
                </option>
              ))}
            </optgroup>
          )}
          <optgroup label="Any pose">
            {others.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
              </option>
            ))}
          </optgroup>
        </TextField>
      )}
    </Box>
  );
}

/** What was written of times, in few words. */
function timeWords({ seconds, breaths, times, side }: ReadLine): string {
  const held =
    seconds !== undefined
      ? seconds % 60 === 0
        ? plural(seconds / 60, 'minute')
        : `${seconds} s`
      : breaths !== undefined
        ? plural(breaths, 'breath')
        : null;
  const parts = [held, times ? `${times} times` : null, side ? `${side} side` : null].filter(Boolean);
  return parts.length > 0 ? parts.join(', ') : 'held as is usual';
}

/** The form of a shape that will be taken, and what is against it. */
function formWords(line: ReadLine, pose: string, ranked: readonly RankedPose[]): string {
  const shape = allShapes().find((s) => s.id === pose);
  const named = line.named.sure?.shape.id === pose ? line.named.sure.rung : null;
  const rung = named ?? rungFor(pose, ranked);
  const fits = ranked.filter((r) => r.pose === pose && r.rung === rung);
  const form = shape?.rungs[rung - 1]?.name ?? '';
  if (fits.length === 0) return form;
  if (fits.some((r) => r.cautions.length > 0)) return `${form} · a caution closes it: something else takes its place`;
  if (fits.some((r) => r.beyondEntry)) return `${form} · out of reach: something milder takes its place`;
  return form;
}

const plural = (n: number, what: string): string => `${n} ${what}${n === 1 ? '' : 's'}`;
