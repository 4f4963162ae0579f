'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import { daysLater } from '@/core/day-count';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import { dayOf } from '@/core/day-of';
import { adapt, cameBack } from '@/core/home/adapt';
import { adaptationWords, draftMessage, heldSentence, missedSentence, timesSentence } from '@/core/home/adapt-words';
import { firstName } from '@/core/students/called';
import type { Practice, PracticeItem } from '@/core/practice/practice';
import { adaptDays } from '@/core/progress/adapt-days';
import { plannedBetween } from '@/core/progress/plan';
import type { RankedPose } from '@/core/ranking/rank';
import type { Student } from '@/core/students/student';
import { newId, today } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { toldIn } from '../shell/their-language';

/**
 * What came back of this practice since it was last changed, and what it should become by the rules of progression;
 * nothing by itself.
 */
export function AdaptNote({
  student,
  practice,
  ranked,
  onPut,
}: {
  student: Student;
  practice: Practice;
  ranked: readonly RankedPose[];
  onPut: (items: readonly PracticeItem[]) => void;
}) {
  const { db, base } = useStudio();
  const logs = useLiveQuery(() => db.logs.where('student').equals(student.id).toArray(), [db, student.id]);
  const plan = useLiveQuery(() => db.plans.get(student.id), [db, student.id]);
  const [message, setMessage] = useState<string | null>(null);
  const home = useMemo(() => cameBack(practice, logs ?? []), [practice, logs]);
  const adapted = useMemo(
    () => adapt(practice, home, ranked, student.breathSeconds, newId),
    [practice, home, ranked, student.breathSeconds],
  );
  if (home.length === 0) return null;
  const made = (practice.homeSeenAt ?? practice.createdAt).slice(0, 10);
  const until = home.reduce((last, l) => (dayOf(l) > last ? dayOf(l) : last), made);
  const planned = plan ? plannedBetween(plan, made, until).length : null;
  const held = heldSentence(adapted.held);
  const missed = missedSentence(home.length, planned);
  const follow = plan && logs && adaptDays(plan, [], logs, today()).changes.length > 0;
  const changes = adapted.items !== practice.items;
  const ahead = plan ? plannedBetween(plan, today(), daysLater(today(), 6)).filter((d) => d.mark === null) : [];
  // In the student's language, whatever the application speaks.
  const draft = async () => {
    const told = await toldIn(student.language ?? 'en');
    const days = ahead.map((d) => d.day);
    const what = { name: firstName(student.name), times: home.length, changes: adapted.changes, days };
    setMessage(draftMessage(what, told.language, told.say));
  };
  return (
    <Box
      component="section"
      aria-label={say('What came back from home')}
      sx={{ border: '1px solid var(--act)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 2, mb: 2 }}
    >
      <Typography sx={{ fontWeight: 700 }}>{timesSentence(home, planned)}</Typography>
      {adapted.changes.length > 0 ? (
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
          {adapted.changes.map((c) => (
            <li key={`${c.kind}${c.pose}${c.rung}`}>{adaptationWords(c)}</li>
          ))}
        </Box>
      ) : (
        <Typography>{say('Nothing calls for a change.')}</Typography>
      )}
      {held && <Typography>{held}</Typography>}
      {missed && <Typography>{missed}</Typography>}
      {follow && (
        <Typography>
          <Said
            text={'The weeks ahead could follow: <1>see what would change</1>.'}
            parts={[<Link key="1" href={`${base}/student?id=${student.id}&step=progress&part=weeks`} />]}
          />
        </Typography>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        {changes && (
          <Button size="small" variant="contained" onClick={() => onPut(adapted.items)}>
            {say('Make these changes')}
          </Button>
        )}
        <Button size="small" variant="outlined" onClick={() => onPut(practice.items)}>
          {changes ? say('Leave it as it is') : say('Noted')}
        </Button>
        <Button size="small" onClick={() => (message === null ? void draft() : setMessage(null))}>
          {message === null ? say('Draft a message') : say('Put the message away')}
        </Button>
      </Box>
      {message !== null && (
        <TextField
          label={say('To {{firstName}}, yours to change', { firstName: firstName(student.name) })}
          multiline
          fullWidth
          value={message}
          onChange={(e) => setMessage(e.target.value)}
          sx={{ mt: 1 }}
        />
      )}
    </Box>
  );
}
