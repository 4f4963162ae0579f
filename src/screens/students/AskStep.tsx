'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useEffect, useRef, useState } from 'react';
import { cautionOfAge, screenOf, withTold } from '@/core/cautions/screen';
import { toggleComplaint } from '@/core/students/complaints';
import type { Student } from '@/core/students/student';
import { changeStudent } from '@/store/changes';
import { sameRow } from '@/store/saved-row';
import { now, today } from '@/store/studio';
import { KeepingOf, useKeeping } from '../shell/keeping';
import { useStudio } from '../shell/studio-context';
import { BodyMap } from './ask/BodyMap';
import { CautionList } from './ask/CautionList';
import { CautionRound } from './ask/CautionRound';
import { ComplaintList } from './ask/ComplaintList';
import { FirstTests } from './ask/FirstTests';
import { MoreAsked } from './ask/MoreAsked';
import { RedFlagQuestions } from './ask/RedFlagQuestions';
import { SinceLastTime } from './ask/SinceLastTime';
import { useUnits } from '../settings/use-units';
import { StudentForm } from './StudentForm';
import { FACTS } from './student-values';
import { useBuild } from './use-build';

// Knows poses, and is there where one hurt.
const WhatHurt = dynamic(() => import('./ask/WhatHurt').then((m) => m.WhatHurt));

/** What brings a student back to how she was: also fields that she did not have. */
const restored = (before: Student, now: Student): Partial<Student> =>
  Object.fromEntries(
    Object.keys({ ...now, ...before })
      .filter((key) => !['id', 'createdAt', 'updatedAt', 'fieldsAt', 'hurt'].includes(key))
      .map((key) => [key, before[key as keyof Student]]),
  );

/** What a student says: kept as the teacher types, with one way back to how it was when she came here. */
export function AskStep({ student }: { student: Student }) {
  const { db } = useStudio();
  const units = useUnits();
  const [before] = useState(student);
  const [round, setRound] = useState(0);
  const build = useBuild(student);
  const { unkept, tell } = useKeeping();
  const changed = student.updatedAt !== before.updatedAt;
  const screening = screenOf(student, today());
  // Two changes in quick succession build on each other, not both on what was drawn last.
  const newest = useRef(student);
  useEffect(() => {
    // What was read before her last change was written is older than what stands here: it must not take the change
    // back.
    if (student.updatedAt >= newest.current.updatedAt) newest.current = student;
  }, [student]);
  const change = (part: Partial<Student>) => {
    const askedOn = part.askedOn ?? newest.current.askedOn ?? today();
    const updatedAt = now();
    newest.current = { ...newest.current, ...part, askedOn, updatedAt };
    void changeStudent(db, student.id, { ...part, askedOn }, updatedAt);
  };
  return (
    <KeepingOf tell={tell}>
      <Box sx={{ maxWidth: 1080 }}>
        {/* Whether it is kept is seen wherever on the page she types. */}
        <Box
          sx={{
            display: 'flex',
            alignItems: 'center',
            gap: 2,
            mb: 1.5,
            position: 'sticky',
            top: 0,
            zIndex: 2,
            bgcolor: 'background.default',
            py: 0.5,
          }}
        >
          <Typography variant="h1" sx={{ flex: 1 }}>
            {say('Ask')}
          </Typography>
          <Typography variant="caption" role="status" aria-label={say('Kept or not')}>
            {/* Seen as it is; spoken only once all is kept, and not with every word that is typed. */}
            {unkept ? (
              <span aria-hidden="true">{say('Not kept yet …')}</span>
            ) : changed ? (
              say('Kept.')
            ) : (
              say('Kept as you type.')
            )}
          </Typography>
          <Button
            size="small"
            disabled={!changed}
            onClick={() =>
              void changeStudent(db, student.id, restored(before, student)).then(() => {
                setRound(round + 1);
              })
            }
          >
            {say('Restore')}
          </Button>
        </Box>
        <RedFlagQuestions student={student} newest={() => newest.current} change={change} />
        <SinceLastTime student={student} change={change} />
        <Typography variant="h2" sx={{ mb: 1 }}>
          {say('Where is the trouble?')}
        </Typography>
        <BodyMap
          complaints={student.complaints}
          build={build}
          onToggle={(place, side) => change({ complaints: toggleComplaint(newest.current.complaints, place, side) })}
        />
        <Box
          key={round}
          sx={{
            display: 'grid',
            gap: 3,
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'repeat(2, minmax(0, 1fr))' },
            mt: 2,
          }}
        >
          <Box>
            <ComplaintList
              complaints={student.complaints}
              onChange={(complaints) => change({ complaints })}
              onAskCaution={(caution, side) => {
                change({ cautions: withTold(newest.current.cautions, { caution, side }, today()) });
              }}
            />
            <Typography variant="h2" sx={{ mt: 2.5, mb: 1 }}>
              {say('Look at first')}
            </Typography>
            <FirstTests student={student.id} complaints={student.complaints} screening={screening} />
          </Box>
          <Box>
            <CautionList
              entries={student.cautions}
              byAge={cautionOfAge(student, today())}
              onChange={(cautions) => change({ cautions })}
            />
            <CautionRound student={student} change={change} />
            {(student.hurt?.length ?? 0) > 0 && <WhatHurt student={student} change={change} />}
            <Box sx={{ mt: 2 }}>
              <MoreAsked student={student} change={change} />
            </Box>
          </Box>
        </Box>
        <Typography variant="h2" sx={{ mt: 3, mb: 1.5 }}>
          {say('The person')}
        </Typography>
        {units && (
          <StudentForm
            key={`${student.id}/${round}/${units}`}
            factsOnly
            units={units}
            student={student}
            onSave={(s) => {
              const changed = FACTS.filter((fact) => !sameRow(s[fact], newest.current[fact]));
              if (changed.length > 0) change(Object.fromEntries(changed.map((fact) => [fact, s[fact]])));
            }}
          />
        )}
      </Box>
    </KeepingOf>
  );
}
