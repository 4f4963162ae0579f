'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { answerTo, FURTHER } from '@/core/cautions/red-flags';
import { stands } from '@/core/cautions/screen';
import type { Student } from '@/core/students/student';
import { today } from '@/store/studio';
import { useStudio } from '../../shell/studio-context';

/**
 * Every other caution once through: yes, asked and no, or not asked yet. On paper the same, to be filled in by hand.
 */
export function CautionRound({ student, change }: { student: Student; change: (part: Partial<Student>) => void }) {
  const { base } = useStudio();
  const day = today();
  const no = new Set(student.askedNo ?? []);
  const answer = new Map(FURTHER.map((c) => [c.id, answerTo(student, c.id, day)]));
  const asked = FURTHER.filter((c) => answer.get(c.id) !== null).length;
  const put = (id: string, answer: 'yes' | 'no' | null): void => {
    const askedNo = [...no].filter((x) => x !== id);
    const cautions = student.cautions.filter((c) => c.caution !== id || !stands(c, day));
    change({
      askedNo: answer === 'no' ? [...askedNo, id] : askedNo,
      cautions: answer === 'yes' ? [...cautions.filter((c) => c.caution !== id), { caution: id }] : cautions,
    });
  };
  return (
    <Box component="details" sx={{ mt: 1.5 }}>
      <summary>
        {say('Go through all of them: {{asked}} of {{fURTHER}} asked', { asked, fURTHER: FURTHER.length })}
      </summary>
      <Box component="ul" aria-label={say('Every caution')} sx={{ listStyle: 'none', m: 0, mt: 1, p: 0 }}>
        {FURTHER.map((c) => (
          <Box
            component="li"
            key={c.id}
            sx={{ display: 'flex', gap: 1, alignItems: 'center', borderTop: '1px solid var(--line)', py: 0.5 }}
          >
            <Typography sx={{ flex: 1, fontSize: 14 }}>{say(c.name)}</Typography>
            <ToggleButtonGroup
              exclusive
              size="small"
              aria-label={say(c.name)}
              value={answer.get(c.id) ?? null}
              onChange={(_, v: 'yes' | 'no' | null) => put(c.id, v)}
            >
              <ToggleButton value="yes">{say('yes')}</ToggleButton>
              <ToggleButton value="no">{say('asked, no')}</ToggleButton>
            </ToggleButtonGroup>
          </Box>
        ))}
      </Box>
      <Button size="small" component={Link} href={`${base}/sheet/questions?id=${student.id}`}>
        {say('Questions on paper')}
      </Button>
    </Box>
  );
}
