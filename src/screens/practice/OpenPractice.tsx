import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { Screening } from '@/core/cautions/screen';
import type { Practice, PracticeItem } from '@/core/practice/practice';
import { recheck } from '@/core/practice/recheck';
import { requestOf, VERSIONS, type PracticeRequest } from '@/core/practice/request';
import type { RankedPose } from '@/core/ranking/rank';
import type { Aim, Student } from '@/core/students/student';
import { AdaptNote } from '../home/AdaptNote';
import { ChoiceNote } from './ChoiceNote';
import { PracticeEditor } from './PracticeEditor';
import { RecheckedNote } from './Rechecked';

// What goes home, its languages and its drawing, is fetched with the first press.
const GiveHome = dynamic(() => import('../home/GiveHome').then((m) => m.GiveHome), { ssr: false });

/** The practice that is open: what cautions have changed, what came back from home, and its items to be edited. */
export function OpenPractice({
  student,
  practice,
  ranked,
  aims,
  screening,
  building,
  onBuild,
  onCorrect,
  onAdapt,
}: {
  student: Student;
  practice: Practice;
  ranked: readonly RankedPose[];
  aims: readonly Aim[];
  screening: Screening;
  building: boolean;
  /** Built again in its place, around what is kept where that is given. */
  onBuild: (request: PracticeRequest, kept?: readonly PracticeItem[]) => void;
  onCorrect: () => void;
  onAdapt: (items: readonly PracticeItem[]) => void;
}) {
  'use memo';
  const [giving, setGiving] = useState(false);
  const request = practice.request ?? requestOf({ minutes: practice.minutes, breathSeconds: student.breathSeconds });
  const kept = practice.items.filter((i) => i.locked);
  return (
    <>
      <RecheckedNote
        changes={recheck(practice.items, screening, ranked, aims, student.breathSeconds).changes}
        onKeep={onCorrect}
      />
      <AdaptNote key={`${practice.id}-home`} student={student} practice={practice} ranked={ranked} onPut={onAdapt} />
      <PracticeEditor key={practice.id} student={student} practice={practice} ranked={ranked} screening={screening}>
        <Box sx={{ display: 'flex', flexDirection: 'column', mt: 1 }}>
          <Button size="small" disabled={practice.items.length === 0} onClick={() => setGiving(true)}>
            {say('Send it home')}
          </Button>
          <Button
            size="small"
            disabled={building}
            onClick={() => onBuild({ ...request, version: (request.version + 1) % VERSIONS })}
          >
            {say('Another version')}
          </Button>
          <Button
            size="small"
            disabled={building || kept.length === 0}
            onClick={() => onBuild({ ...request, version: 0 }, kept)}
          >
            {say('Build again around what is kept')}
          </Button>
        </Box>
        {practice.choice && <ChoiceNote choice={practice.choice} />}
      </PracticeEditor>
      {giving && <GiveHome student={student} practice={practice} ranked={ranked} onClose={() => setGiving(false)} />}
    </>
  );
}
