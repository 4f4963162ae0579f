'use client';
import { say } from '@/core/languages/spoken';
import { firstName } from '@/core/students/called';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { obstaclesOf } from '@/core/pose-editor/problems';
import { readPractice } from '@/core/formats/practice';
import type { Student } from '@/core/students/student';
import type { PracticePlan } from '@/core/practice/plan';
import { totalSeconds } from '@/core/practice/practice';
import { removeTemplate, saveTemplate } from '@/store/edits';
import { newId, now } from '@/store/studio';
import { BringInButton, RefusedNote, type RefusedFile } from '../shell/BringIn';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';

/**
 * Where a practice may begin beside building one: a template, what another student or an earlier day had, or a file.
 */
export function StartFrom({
  student,
  asked,
  disabled,
  onFit,
}: {
  student: Student;
  /** A practice that she came here with. */
  asked: string | null;
  disabled: boolean;
  /** Fits a plan to this student. */
  onFit: (plan: PracticePlan) => void;
}) {
  const { db } = useStudio();
  const undo = useUndo();
  const [open, setOpen] = useState(false);
  const [problem, setProblem] = useState<RefusedFile | null>(null);
  const data = useLiveQuery(async () => {
    const [templates, practices, students] = await Promise.all([
      db.templates.orderBy('title').toArray(),
      db.practices.orderBy('updatedAt').reverse().toArray(),
      db.students.toArray(),
    ]);
    return { templates, practices, names: new Map(students.map((s) => [s.id, s.name])) };
  }, [db]);
  if (!data) return null;
  const { templates, names } = data;
  const practices = data.practices.filter((p) => p.items.length > 0);
  const came = practices.find((p) => p.id === asked && p.student !== student.id);
  const first = firstName(student.name);
  const into = async (file: File) => {
    setProblem(null);
    const read = readPractice(await file.text());
    if (!read.ok) {
      setProblem({ ...read.problem, file: file.name });
      return;
    }
    const time = now();
    // A pose that is here already stays as it is.
    const here = new Set((await db.poses.toArray()).map((p) => p.id));
    for (const pose of read.poses.filter((p) => !here.has(p.id)))
      await db.poses.put({
        ...pose,
        inLibrary: pose.rungs.every((r) => obstaclesOf(pose, r).length === 0),
        createdAt: time,
        updatedAt: time,
      });
    const kept = { ...read.plan, id: newId(), createdAt: time, updatedAt: time };
    undo(say('“{{title}}” is among your templates now.', { title: read.plan.title }), await saveTemplate(db, kept));
  };
  return (
    <>
      {came && (
        <Button variant="contained" disabled={disabled} onClick={() => onFit(came)}>
          {say('Fit “{{title}}” to {{first}}', { title: came.title, first })}
        </Button>
      )}
      <Button variant="outlined" onClick={() => setOpen(true)} disabled={disabled}>
        {say('Start from …')}
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} fullWidth maxWidth="sm" aria-labelledby="from-heading">
        <DialogTitle id="from-heading">{say('Start from what there is')}</DialogTitle>
        <DialogContent>
          <Typography sx={{ mb: 1 }}>
            {say(
              'Every rung is fitted to {{first}} as she is now; what is not allowed or out of reach is taken milder or swapped.',
              { first },
            )}
          </Typography>
          <Typography variant="h2" sx={{ mt: 1 }}>
            {say('Templates')}
          </Typography>
          {templates.length === 0 && (
            <Typography>{say('None yet. Keep a practice as a template under More, or bring a file in.')}</Typography>
          )}
          {templates.map((t) => (
            <Row
              key={t.id}
              plan={t}
              about={null}
              onTake={() => {
                setOpen(false);
                onFit(t);
              }}
              onRemove={() => void removeTemplate(db, t.id).then((c) => undo(say('The template is removed.'), c))}
            />
          ))}
          <Box sx={{ my: 1.5 }}>
            <BringInButton
              words={say('Bring a practice in')}
              label={say('Practice file')}
              onFile={(file) => void into(file)}
            />
            {problem && <RefusedNote problem={problem} onClose={() => setProblem(null)} />}
          </Box>
          <Typography variant="h2">{say('Practices')}</Typography>
          {practices.length === 0 && <Typography>{say('None yet.')}</Typography>}
          {practices.slice(0, 60).map((p) => (
            <Row
              key={p.id}
              plan={p}
              about={names.get(p.student) ?? null}
              onTake={() => {
                setOpen(false);
                onFit(p);
              }}
            />
          ))}
          <Button sx={{ mt: 2 }} onClick={() => setOpen(false)}>
            {say('Close')}
          </Button>
        </DialogContent>
      </Dialog>
    </>
  );
}

function Row({
  plan,
  about,
  onTake,
  onRemove,
}: {
  plan: PracticePlan;
  about: string | null;
  onTake: () => void;
  onRemove?: () => void;
}) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, borderBottom: '1px solid var(--line)', py: 0.5 }}>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        {plan.title}
        <Typography variant="caption" component="p">
          {say('{{what}}{{round}} minutes, {{items}} items', {
            what: about ? `${about} · ` : '',
            round: Math.round(totalSeconds(plan.items, plan.request?.pace) / 60),
            items: plan.items.length,
          })}
        </Typography>
      </Box>
      <Button
        size="small"
        aria-label={say('Start from {{title}}{{what}}', { title: plan.title, what: about ? `, ${about}` : '' })}
        onClick={onTake}
      >
        {say('Fit and open')}
      </Button>
      {onRemove && (
        <Button
          size="small"
          aria-label={say('Remove the template {{title}}', { title: plan.title })}
          onClick={onRemove}
        >
          {say('Remove')}
        </Button>
      )}
    </Box>
  );
}
