'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Box from '@mui/material/Box';
import dynamic from 'next/dynamic';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { formatDistanceToNow } from 'date-fns';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { testById } from '@/core/assessment/battery';
import { standingOf, TAKEN_OUT } from '@/store/backup';
import { today } from '@/store/studio';
import { changeSession } from '@/store/changes';
import { CameBackButton } from '../home/CameBackButton';
import { useStudio } from '../shell/studio-context';
import { Opening } from '../shell/Opening';
import { BackupNote } from './BackupNote';
import { People } from './People';
import { TodayVisits } from './TodayVisits';

// Only an empty studio is welcomed: whoever has students waits for no library of poses.
const Welcome = dynamic(() => import('./Welcome').then((m) => m.Welcome));

/** What can be gone on with: running practices, students in order of last work, age of the last file. */
export function TodayScreen() {
  const { db, base, name } = useStudio();
  const data = useLiveQuery(async () => {
    const [students, players, practices, readings, memos, sessions, logs, plans, classes, visits] = await Promise.all([
      db.students.toArray(),
      db.players.toArray(),
      db.practices.toArray(),
      db.readings.toArray(),
      db.memos.toArray(),
      db.sessions.toArray(),
      db.logs.toArray(),
      db.plans.toArray(),
      db.classes.toArray(),
      db.visits.where('day').equals(today()).toArray(),
    ]);
    return {
      students: students.filter((s) => !s.archived),
      players,
      practices,
      readings,
      memos,
      sessions,
      logs,
      plans,
      classes,
      visits,
    };
  }, [db]);
  const standing = useLiveQuery(() => standingOf(db), [db]);
  if (!data) return <Opening />;
  const savedAt = data.memos.find((m) => m.key === TAKEN_OUT)?.value;
  if (data.students.length === 0 && name === 'studio') return <Welcome />;
  return (
    <Box sx={{ p: 3, maxWidth: 1180 }}>
      <Typography variant="h1" gutterBottom>
        {say('Today')}
      </Typography>
      {data.sessions
        .filter((m) => m.parkedAt)
        .map((m) => {
          const student = data.students.find((x) => x.id === m.student);
          return student ? (
            <Waiting
              key={m.student}
              action={say('Go on measuring')}
              href={`${base}/student?id=${student.id}&step=measure`}
              onGo={() => void changeSession(db, student.id, {})}
            >
              <Said
                text={'Measuring <1>{{name}}</1> is parked'}
                values={{ name: student.name }}
                parts={[<strong key="1" />]}
              />
              {m.here && say(' at “{{what}}”', { what: say(testById(m.here.test)?.name ?? m.here.test) })}
              {say('; everything typed is kept.')}
            </Waiting>
          ) : null;
        })}
      {data.players.map((p) => {
        const practice = data.practices.find((x) => x.id === p.practice);
        const one = data.classes.find((x) => x.id === p.practice);
        return (
          <Waiting
            key={p.practice}
            action={say('Go on teaching')}
            href={`${base}/teach?${one ? 'class' : 'practice'}=${p.practice}`}
          >
            <Said
              text={'<1>{{what}}</1> is under way and waits where you left it.'}
              values={{ what: practice?.title ?? one?.name ?? say('A practice') }}
              parts={[<strong key="1" />]}
            />
          </Waiting>
        );
      })}
      {name === 'studio' && standing?.due && <BackupNote standing={standing} />}
      <TodayVisits />
      <People {...data} />
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mt: 3 }}>
        <Button variant="outlined" component={Link} href={`${base}/students?add=1`}>
          {say('Add student')}
        </Button>
        <CameBackButton />
        <Typography variant="caption">
          {savedAt
            ? say('Last backup {{formatDistanceToNow}}.', {
                formatDistanceToNow: formatDistanceToNow(new Date(savedAt), { addSuffix: true }),
              })
            : say('No backup saved yet.')}
        </Typography>
      </Box>
    </Box>
  );
}

/** Something under way that waits, with the way back into it. */
function Waiting({
  action,
  href,
  onGo,
  children,
}: {
  action: string;
  href: string;
  onGo?: () => void;
  children: ReactNode;
}) {
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 2,
        p: 2,
        mb: 2,
        border: '1px solid var(--act)',
        borderRadius: 1.5,
        bgcolor: 'var(--surface)',
      }}
    >
      <Typography sx={{ flex: 1 }}>{children}</Typography>
      <Button variant="contained" component={Link} href={href} onClick={onGo}>
        {action}
      </Button>
    </Box>
  );
}
