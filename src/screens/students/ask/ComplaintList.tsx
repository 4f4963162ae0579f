'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Slider from '@mui/material/Slider';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { COMPLAINT_TIMES, QUALITIES, type Complaint } from '@/core/students/student';
import { PLACE_WORDS, QUALITY_WORDS, TIME_WORDS } from '@/core/students/words';
import { complaintById, soundsLike } from '@/core/assessment/complaints';
import { SIDE_MARK } from '@/core/body/words';
import { Pick } from '../../shell/Pick';
import { KeptText } from './KeptText';

const SIDES_SAID = ['left', 'both', 'right'] as const;

/** Each complaint with side, when, how, how strong, since when, and what it sounds like. */
export function ComplaintList({
  complaints,
  onChange,
  onAskCaution,
}: {
  complaints: readonly Complaint[];
  onChange: (complaints: Complaint[]) => void;
  /** A complaint that asks for a caution to be thought of. */
  /** Asks for a caution that a complaint points to, of the leg that it is told of. */
  onAskCaution: (caution: string, side: 'left' | 'right' | undefined) => void;
}) {
  if (complaints.length === 0)
    return (
      <Typography color="text.secondary">
        {say('No trouble so far. Tap the ring on the body where it hurts or pulls.')}
      </Typography>
    );
  const put = (index: number, part: Partial<Complaint>) =>
    onChange(complaints.map((c, k) => (k === index ? { ...c, ...part } : c)));
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}>
      {complaints.map((c, i) => {
        const pattern = c.sounds ? complaintById(c.sounds) : null;
        return (
          <Box
            component="li"
            key={`${c.place}/${c.side}/${i}`}
            aria-label={`${say(PLACE_WORDS[c.place])}, ${say(c.side)}`}
            sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 1.5 }}
          >
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center' }}>
              <Typography sx={{ fontWeight: 700, flex: 1 }}>
                {say(PLACE_WORDS[c.place])} {SIDE_MARK[c.side]}
              </Typography>
              {SIDES_SAID.map((side) => (
                <Pick key={side} label={say(side)} on={c.side === side} press={() => put(i, { side })} />
              ))}
              <Button size="small" onClick={() => onChange(complaints.filter((_, k) => k !== i))}>
                {say('Take out')}
              </Button>
            </Box>
            <Line label={say('When')}>
              {COMPLAINT_TIMES.map((t) => {
                const times = c.times ?? [];
                return (
                  <Pick
                    key={t}
                    label={say(TIME_WORDS[t])}
                    on={times.includes(t)}
                    press={() => put(i, { times: times.includes(t) ? times.filter((x) => x !== t) : [...times, t] })}
                  />
                );
              })}
            </Line>
            <Line label={say('How')}>
              {QUALITIES.map((q) => (
                <Pick
                  key={q}
                  label={say(QUALITY_WORDS[q])}
                  on={c.quality === q}
                  press={() => put(i, { quality: c.quality === q ? undefined : q })}
                />
              ))}
            </Line>
            <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 200px', gap: 2, alignItems: 'center', mt: 0.5 }}>
              <Box sx={{ px: 1 }}>
                <Typography variant="caption" component="p">
                  {say('How strong: {{what}}', {
                    what: c.strength === undefined ? say('not said') : say('{{count}} of 10', { count: c.strength }),
                  })}
                </Typography>
                <Slider
                  size="small"
                  aria-label={say('How strong, {{place}}', { place: say(PLACE_WORDS[c.place]) })}
                  min={0}
                  max={10}
                  step={1}
                  marks
                  value={c.strength ?? 0}
                  onChange={(_, v) => put(i, { strength: Number(v) })}
                />
              </Box>
              <KeptText label={say('Since')} value={c.since ?? ''} max={40} onKeep={(since) => put(i, { since })} />
            </Box>
            <TextField
              select
              fullWidth
              label={say('What it sounds like')}
              value={c.sounds ?? ''}
              onChange={(e) => put(i, { sounds: e.target.value || undefined })}
              sx={{ mt: 1 }}
            >
              <MenuItem value="">{say('none of these')}</MenuItem>
              {soundsLike(c.place).map((p) => (
                <MenuItem key={p.id} value={p.id} sx={{ whiteSpace: 'normal' }}>
                  {say(p.says)}
                </MenuItem>
              ))}
            </TextField>
            {pattern && (
              <Typography sx={{ fontSize: 14, mt: 1 }}>
                {pattern.ideas.length > 0 && (
                  <>
                    {say('Possible, not a diagnosis: {{ideas}}. Until it is clearer:', {
                      ideas: pattern.ideas.map((i) => say(i)).join('; '),
                    })}{' '}
                  </>
                )}
                {say(pattern.begin)} <strong>{say('To a clinician:')}</strong> {say(pattern.refer)}
                {pattern.caution && (
                  <Button
                    size="small"
                    onClick={() => onAskCaution(pattern.caution ?? '', c.side === 'both' ? undefined : c.side)}
                  >
                    {say('Note the caution')}
                  </Button>
                )}
              </Typography>
            )}
          </Box>
        );
      })}
    </Box>
  );
}

function Line({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <Box
      role="group"
      aria-label={label}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center', mt: 0.75 }}
    >
      <Typography variant="caption" component="span" sx={{ width: 40 }}>
        {label}
      </Typography>
      {children}
    </Box>
  );
}
