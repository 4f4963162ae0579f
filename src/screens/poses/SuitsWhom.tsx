'use client';
import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { AIM_WORDS, aimedName } from '@/core/aims/words';
import { SIDE_MARK } from '@/core/body/words';
import { feltIn } from '@/core/teaching/log';
import type { Suits } from '@/core/ranking/suits';
import { core } from '@/workers/use-core';
import { useAimDefaults } from '../settings/use-aim-defaults';
import { useComfort } from '../settings/use-pose-settings';
import { today } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { depthWords } from './PoseList';

interface Row extends Suits {
  name: string;
}

/** Which of the teacher's students a rung suits, best first; worked out student by student when asked for. */
export function SuitsWhom({ pose, rung }: { pose: string; rung: number }) {
  const { db } = useStudio();
  const aims = useAimDefaults();
  const [comfort] = useComfort();
  const [rows, setRows] = useState<readonly Row[]>([]);
  const [left, setLeft] = useState<number | null>(null);
  const [unread, setUnread] = useState<readonly string[]>([]);
  const ask = async () => {
    const students = (await db.students.toArray()).filter((s) => !s.archived);
    setRows([]);
    setUnread([]);
    setLeft(students.length);
    for (const [index, student] of students.entries()) {
      const readings = await db.readings.where('student').equals(student.id).toArray();
      const logs = await db.logs.where('student').equals(student.id).toArray();
      if (readings.length === 0) setUnread((list) => [...list, student.name]);
      else {
        const found = await core().suits({ pose, rung }, { student, readings, felt: feltIn(logs) }, today(), {
          aims,
          comfort,
        });
        if (found)
          setRows((list) =>
            [...list, { ...found, name: student.name }].sort(
              (a, b) =>
                Number(a.cautions.length > 0) - Number(b.cautions.length > 0) ||
                (b.score ?? -1) - (a.score ?? -1) ||
                b.fit.depth - a.fit.depth,
            ),
          );
      }
      setLeft(students.length - index - 1);
    }
  };
  if (left === null)
    return (
      <Button size="small" sx={{ mt: 1 }} onClick={() => void ask()}>
        {say('Which of my students does it suit?')}
      </Button>
    );
  return (
    <Box component="section" aria-label={say('Whom it suits')} sx={{ mt: 1.5 }}>
      <Typography variant="h3">{say('Whom it suits')}</Typography>
      {left > 0 && <LinearProgress aria-label={say('Reading students')} sx={{ my: 0.5 }} />}
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {rows.map((r) => (
          <Box
            component="li"
            key={r.student}
            sx={{
              display: 'grid',
              gridTemplateColumns: '1fr 34px',
              columnGap: 1,
              py: 0.5,
              borderBottom: '1px solid var(--line)',
            }}
          >
            <span>
              <strong>{r.name}</strong> {r.fit.side === 'both' ? '' : `${SIDE_MARK[r.fit.side]} ${say(r.fit.side)}, `}
              {depthWords(r.fit)}
              {r.fit.full || r.fit.beyondEntry ? '' : say(', then the {{stops}}', { stops: r.fit.stops })}
              {r.cautions.length > 0 ? (
                <Box component="span" sx={{ color: 'var(--caution)', display: 'block' }}>
                  {say('▲ Not with: {{cautions}}', { cautions: r.cautions.join('; ') })}
                </Box>
              ) : (
                <Typography variant="caption" component="span" sx={{ display: 'block' }}>
                  {r.gives.length > 0
                    ? say('for: {{gives}}', {
                        gives: r.gives
                          .map((g) => `${within(AIM_WORDS[g.aim.kind])} ${aimedName(g.aim)} ${say(g.aim.side)}`)
                          .join('; '),
                      })
                    : r.score === null
                      ? say('no aims yet')
                      : say('nothing that is aimed at')}
                </Typography>
              )}
            </span>
            <span className="num" style={{ textAlign: 'right', fontWeight: 700 }}>
              {r.score === null || r.cautions.length > 0 ? '' : Math.round(r.score * 100)}
            </span>
          </Box>
        ))}
      </Box>
      {unread.length > 0 && (
        <Typography variant="caption" component="p">
          {say('Not tested yet: {{unread}}.', { unread: unread.join(', ') })}
        </Typography>
      )}
    </Box>
  );
}
