'use client';
import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { core } from '@/workers/use-core';
import type { InstrumentId } from '@/core/assessment/definition';
import { hearNumber, voiceStaysHere } from '@/instruments/voice';
import type { Student } from '@/core/students/student';
import { useStudio } from '../../shell/studio-context';
import type { InstrumentProps, Taken } from './types';

const InclinometerDialog = dynamic(() => import('./InclinometerDialog'), { ssr: false });
const PhotoDialog = dynamic(() => import('./PhotoDialog'), { ssr: false });
const ForceDialog = dynamic(() => import('./ForceDialog'), { ssr: false });
const StopwatchDialog = dynamic(() => import('./StopwatchDialog'), { ssr: false });
const CounterDialog = dynamic(() => import('./CounterDialog'), { ssr: false });

const LABELS: Readonly<Record<InstrumentId, string>> = {
  inclinometer: 'Inclinometer',
  photo: 'Photo',
  'force-gauge': 'Force gauge',
  stopwatch: 'Stopwatch',
  counter: 'Counter',
};

/** The instruments that suit a read-out, each opening over the page; typing stays possible at any time. */
export function InstrumentButtons({
  person,
  push,
  onTake,
  onProblem,
  ...rest
}: Omit<InstrumentProps, 'hidden' | 'onTake' | 'onClose' | 'student'> & {
  person: Pick<Student, 'id' | 'sexForNorms' | 'mass_kg'>;
  push: { manner: 'make' | 'break'; lever_cm: number; gravity_Nm: number; problem: string | null };
  onTake: (taken: Taken) => void;
  onProblem: (problem: string) => void;
}) {
  'use memo';
  const { name } = useStudio();
  const { test, readout, side } = rest;
  const [open, setOpen] = useState<{ id: InstrumentId; hidden: number | null } | null>(null);
  const [voice, setVoice] = useState(false);
  const [listening, setListening] = useState(false);
  useEffect(() => {
    let here = true;
    void voiceStaysHere().then((is) => here && setVoice(is));
    return () => {
      here = false;
    };
  }, []);
  const start = async (id: InstrumentId) => {
    if (id === 'force-gauge' && push.problem) return onProblem(push.problem);
    const hidden =
      name === 'demo'
        ? await core().hidden({ id: person.id, sexForNorms: person.sexForNorms }, test.id, readout.id, side)
        : null;
    setOpen({ id, hidden });
  };
  const listen = async () => {
    setListening(true);
    const heard = await hearNumber();
    setListening(false);
    if (heard === null) onProblem(say('No number was heard. Say it once more, or type it.'));
    else onTake({ value: heard });
  };
  const shared = open && {
    ...rest,
    student: person.id,
    hidden: open.hidden,
    onClose: () => setOpen(null),
    onTake: (taken: Taken) => {
      setOpen(null);
      onTake(taken);
    },
  };
  return (
    <>
      {(readout.instruments ?? []).map((id) => (
        <Button key={id} size="small" onClick={() => void start(id)}>
          {say(LABELS[id])}
        </Button>
      ))}
      {voice && (
        <Button size="small" onClick={() => void listen()} disabled={listening}>
          {listening ? say('Listening') : say('Say it')}
        </Button>
      )}
      {shared && open.id === 'inclinometer' && <InclinometerDialog {...shared} />}
      {shared && open.id === 'photo' && <PhotoDialog {...shared} />}
      {shared && open.id === 'force-gauge' && <ForceDialog {...shared} {...push} mass_kg={person.mass_kg} />}
      {shared && open.id === 'stopwatch' && <StopwatchDialog {...shared} />}
      {shared && open.id === 'counter' && <CounterDialog {...shared} />}
    </>
  );
}
