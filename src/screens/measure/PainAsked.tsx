'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { testById } from '@/core/assessment/battery';
import { painPointsTo } from '@/core/assessment/pain-points-to';
import type { Reading } from '@/core/assessment/reading';
import { cautionById, cautionName } from '@/core/cautions/catalogue';
import { withTold } from '@/core/cautions/screen';
import { PAIN_KINDS, type PainKind } from '@/core/students/hurt';
import { PAIN_SAYS, PAIN_STAYS } from '@/core/students/pain-words';
import type { Place, Student } from '@/core/students/student';
import { PAIN_WORDS, PLACE_WORDS } from '@/core/students/words';
import { tellCaution, tellPain } from '@/store/changes';
import { today } from '@/store/studio';
import { Pick } from '../shell/Pick';
import { useStudio } from '../shell/studio-context';

/** Places that may hurt in any test, beside those that the test asks about. */
const ANYWHERE: readonly Place[] = ['groin-pinch', 'front-hip-crease', 'outer-hip', 'deep-buttock', 'low-back', 'knee'];

/**
 * After a test that ended in pain: where, of what kind, what to do now, and the caution it points to. The reading is
 * kept already.
 */
export function PainAsked({ reading, student, onClose }: { reading: Reading; student: Student; onClose: () => void }) {
  const { db } = useStudio();
  const [place, setPlace] = useState<Place | undefined>(reading.placeFelt);
  const [kind, setKind] = useState<PainKind | undefined>(undefined);
  const places = [...new Set([...(testById(reading.test)?.sensations.map((s) => s.place) ?? []), ...ANYWHERE])].filter(
    (p) => p !== 'nowhere',
  );
  const caution = cautionById(painPointsTo(place, kind) ?? '') ?? undefined;
  const side = reading.side === 'both' ? undefined : reading.side;
  const told = caution && { caution: caution.id, ...(caution.sided && side && { side }) };
  const has =
    told !== undefined && withTold(student.cautions, told, today()).every((c, i) => c === student.cautions[i]);
  const tell = (next: Pick<Reading, 'placeFelt' | 'painKind'>) => {
    setPlace(next.placeFelt);
    setKind(next.painKind);
    void tellPain(db, reading.id, next);
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="pain-title" maxWidth="sm" fullWidth>
      <DialogTitle id="pain-title" sx={{ color: 'var(--caution)' }}>
        {say('▲ The test is over. What was it?')}
      </DialogTitle>
      <DialogContent>
        <Typography sx={{ fontWeight: 700 }}>{say('Where')}</Typography>
        <Box
          role="group"
          aria-label={say('Where it hurt')}
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 0.5 }}
        >
          {places.map((p) => (
            <Pick
              key={p}
              label={say(PLACE_WORDS[p])}
              on={place === p}
              press={() => tell({ placeFelt: place === p ? undefined : p, painKind: kind })}
            />
          ))}
        </Box>
        <Typography sx={{ fontWeight: 700, mt: 2 }}>{say('What it was like')}</Typography>
        <Box
          role="group"
          aria-label={say('What it was like')}
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 0.5 }}
        >
          {PAIN_KINDS.map((k) => (
            <Pick
              key={k}
              label={say(PAIN_WORDS[k])}
              on={kind === k}
              press={() => tell({ placeFelt: place, painKind: kind === k ? undefined : k })}
            />
          ))}
        </Box>
        <Typography role="status" sx={{ mt: 2 }}>
          {kind ? PAIN_SAYS[kind] : PAIN_STAYS}
        </Typography>
        {caution && (
          <Box sx={{ mt: 2, p: 1.5, border: '1px solid var(--caution)', borderRadius: 1 }}>
            <Typography>
              {has ? say('This is on record already: ') : say('This may point to: ')}
              <strong>{told ? cautionName(told) : say(caution.name)}</strong>. {say(caution.message)}
            </Typography>
            {!has && (
              <Button
                color="warning"
                variant="outlined"
                size="small"
                sx={{ mt: 1 }}
                onClick={() => told && void tellCaution(db, student.id, told, today())}
              >
                {say('Add this caution')}
              </Button>
            )}
          </Box>
        )}
        <Typography variant="caption" component="p" sx={{ mt: 2 }}>
          {say('Kept as pain: it says nothing about length, and nothing is stretched because of it.')}
        </Typography>
      </DialogContent>
      <DialogActions>
        <Button variant="contained" onClick={onClose}>
          {say('Go on')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
