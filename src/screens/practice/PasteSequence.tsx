'use client';
import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
import { firstName } from '@/core/students/called';
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
import { allShapes, shapeById, type Shape } from '@/core/poses';
import {
  formOf,
  practiceOfLines,
  readSequence,
  settledOf,
  type Pasted,
  type ReadLine,
  type SettledLine,
} from '@/core/practice/pasted';
import { leftOutOf, posesLeftOf } from '@/core/practice/salute';
import type { Salutation } from '@/core/practice/salutations';
import { MOST_SETS } from '@/core/practice/taught-order';
import type { RankedPose } from '@/core/ranking/rank';
import type { Aim, Student } from '@/core/students/student';
import { newId } from '@/store/studio';
import { counted } from '@/core/plural';

/** What a teacher answers a line with to leave it out; else the id of a shape. */
const OUT = '';
const EXAMPLE =
  'Child’s pose 2 min\nCat-cow x 8\nSun salutation A x 3\nLow lunge 8 breaths\nPigeon 2 min each side\nCorpse pose 5 min';

/**
 * A teacher's own sequence, typed or pasted: read as it is typed, asked about where it is not sure, and fitted to this
 * student.
 */
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
  const [answers, setAnswers] = useState<ReadonlyMap<string, string>>(new Map());
  const typed = useDeferredValue(text);
  const lines = useMemo(() => readSequence(typed), [typed]);
  const first = firstName(student.name);
  const settled = lines.map((line) => {
    const answer = answers.get(line.text);
    return settledOf(line, answer === OUT ? null : answer);
  });
  const open = lines.filter((l) => l.what === 'pose' && !answers.has(l.text) && !l.named.sure && !l.salutation);
  const fit = () => onFit(practiceOfLines(settled, ranked, aims, student.breathSeconds, newId));
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="paste-title">
      <DialogTitle id="paste-title">{say('Your own sequence')}</DialogTitle>
      <DialogContent>
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1.3fr' }, gap: 3, pt: 1 }}>
          <Box>
            <TextField
              autoFocus
              fullWidth
              multiline
              minRows={12}
              maxRows={20}
              label={say('One pose a line')}
              placeholder={say(EXAMPLE)}
              value={text}
              onChange={(e) => setText(e.target.value)}
              slotProps={{ htmlInput: { maxLength: 8000, spellCheck: false } }}
            />
            <Typography variant="caption" component="p" sx={{ mt: 1 }}>
              {say(
                'With minutes, seconds, breaths or times where you wish; both sides unless you name one. Any name that you teach by will do.',
              )}
            </Typography>
          </Box>
          <Box component="section" aria-label={say('As it is read')}>
            {lines.length === 0 && (
              <Typography color="text.secondary">
                {say(
                  'What you type is read here, line by line: which pose it is, how long, and which form {{first}} can do.',
                  { first },
                )}
              </Typography>
            )}
            <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
              {lines.map((line, i) => (
                <Line
                  key={`${i}-${line.text}`}
                  line={line}
                  settled={settled[i]}
                  answered={answers.has(line.text)}
                  ranked={ranked}
                  onAnswer={(answer) => setAnswers((now) => new Map(now).set(line.text, answer))}
                />
              ))}
            </Box>
            {open.length > 0 && (
              <Alert severity="info" sx={{ mt: 1 }}>
                {say('{{counted}} to look at. What you do not answer is left out.', {
                  counted: counted(open.length, 'line'),
                })}
              </Alert>
            )}
          </Box>
        </Box>
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button onClick={onClose}>{say('Close')}</Button>
        <Button
          variant="contained"
          disabled={!settled.some((l) => l.what === 'pose' && (l.pose !== null || l.salutation))}
          onClick={fit}
        >
          {say('Fit it to {{first}}', { first })}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Line({
  line,
  settled,
  answered,
  ranked,
  onAnswer,
}: {
  line: ReadLine;
  settled: SettledLine;
  answered: boolean;
  ranked: readonly RankedPose[];
  onAnswer: (answer: string) => void;
}) {
  const row = { borderBottom: '1px solid var(--line)', py: 0.75, display: 'flex', gap: 1, alignItems: 'baseline' };
  if (line.what !== 'pose')
    return (
      <Box component="li" sx={{ ...row, color: 'text.secondary' }}>
        <Box sx={{ flex: 1 }}>{line.text}</Box>
        <Typography variant="caption">{say(LEFT_OUT[line.what])}</Typography>
      </Box>
    );
  if (line.salutation)
    return (
      <Box component="li" sx={{ ...row, display: 'block' }}>
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
          <Box component="strong" sx={{ flex: 1 }}>
            {say(line.salutation.name)}
          </Box>
          <Typography variant="caption" className="num">
            {through(line.times ?? line.sets ?? 1)}
          </Typography>
        </Box>
        <Typography variant="caption">{salutationWords(line.salutation, ranked)}</Typography>
      </Box>
    );
  const asks = !line.named.sure || answered;
  const { likely } = line.named;
  const others = allShapes()
    .filter((s) => !likely.some((l) => l.shape.id === s.id))
    .sort((a, b) => (a.name < b.name ? -1 : 1));
  const { pose } = settled;
  const shape = pose === null ? null : shapeById(pose);
  return (
    <Box component="li" sx={{ ...row, display: 'block' }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <Box component={shape ? 'strong' : 'span'} sx={{ flex: 1 }}>
          {shape ? say(shape.name) : line.name}
        </Box>
        <Typography variant="caption" className="num">
          {timeWords(line)}
        </Typography>
        {!asks && shape && (
          <Button
            size="small"
            onClick={() => onAnswer(shape.id)}
            aria-label={say('Another pose than {{name}}', { name: say(shape.name) })}
          >
            {say('Another')}
          </Button>
        )}
      </Box>
      {shape && <Typography variant="caption">{formWords(shape, formOf(settled, ranked))}</Typography>}
      {asks && (
        <TextField
          select
          size="small"
          fullWidth
          label={say('“{{name}}” is', { name: line.name })}
          value={pose ?? OUT}
          onChange={(e) => onAnswer(e.target.value)}
          slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
          sx={{ mt: 0.75 }}
        >
          <option value={OUT}>{say('left out')}</option>
          {likely.length > 0 && (
            <optgroup label={say('Perhaps')}>
              {likely.map(({ shape: s }) => (
                <option key={s.id} value={s.id}>
                  {say(s.name)}
                </option>
              ))}
            </optgroup>
          )}
          <optgroup label={say('Any pose')}>
            {others.map((s) => (
              <option key={s.id} value={s.id}>
                {say(s.name)}
              </option>
            ))}
          </optgroup>
        </TextField>
      )}
    </Box>
  );
}

const through = (times: number): string =>
  times > MOST_SETS
    ? say('{{count}} times, the most there are', { count: MOST_SETS })
    : times === 1
      ? 'once'
      : say('{{count}} times', { count: times });

/** What a salutation is for this student: its poses, and those that are left out of it. */
function salutationWords(salutation: Salutation, ranked: readonly RankedPose[]): string {
  const out = leftOutOf(salutation, ranked).map((s) => say(shapeById(s.pose)?.name ?? s.pose));
  const left = posesLeftOf(salutation, ranked);
  if (left === 0) return say('left out: {{out}} are closed or out of reach', { out: out.map(within).join(', ') });
  const poses = say('{{count}} poses, a breath each', { count: left });
  return out.length > 0 ? say('{{poses}} · without {{out}}', { poses, out: out.map(within).join(', ') }) : poses;
}

/** What was written of times, in few words. */
function timeWords({ seconds, breaths, times, sets, side }: ReadLine): string {
  const held =
    seconds !== undefined
      ? seconds % 60 === 0
        ? counted(seconds / 60, 'minute')
        : `${seconds} s`
      : breaths !== undefined
        ? counted(breaths, 'breath')
        : null;
  const parts = [
    sets ? counted(sets, 'set') : null,
    held,
    times ? say('{{count}} times', { count: times }) : null,
    side ? say('{{side}} side', { side: say(side) }) : null,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(', ') : say('held as is usual');
}

const LEFT_OUT = {
  pose: '',
  again: 'both sides are in already',
  heading: 'not a pose, left out',
  over: 'more than a practice holds, left out',
} as const;

/** The form of a shape that will be taken, and what is against it. */
function formWords(shape: Shape, { rung, against, limits }: ReturnType<typeof formOf>): string {
  const form = shape.rungs[rung - 1]?.name ?? '';
  if (against === 'caution') return say('{{form}} · a caution closes it: something else takes its place', { form });
  if (against === 'reach') return say('{{form}} · out of reach: something milder takes its place', { form });
  return [form, ...limits].join(' · ');
}
