'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { usePathname, useSearchParams } from 'next/navigation';
import { addressOf, STOPS } from './guided-stops';
import { useStudio } from './studio-context';

/**
 * The card of a guided look: the address says at which stop one is, so that back, reload and leaving need nothing of
 * their own.
 */
export function GuidedLook() {
  const { base } = useStudio();
  const pathname = usePathname();
  const params = useSearchParams();
  const at = Number(params.get('look'));
  const stop = Number.isInteger(at) ? STOPS.at(at - 1) : undefined;
  if (at < 1 || !stop) return null;
  const without = new URLSearchParams(params);
  without.delete('look');
  const last = at === STOPS.length;
  return (
    <Box
      component="section"
      aria-label={say('A short look round')}
      className="no-print"
      sx={{
        position: 'fixed',
        right: { xs: 8, sm: 20 },
        left: { xs: 8, sm: 'auto' },
        bottom: { xs: 8, sm: 20 },
        width: { sm: 360 },
        zIndex: 5,
        p: 2,
        bgcolor: 'var(--surface)',
        border: '2px solid var(--act)',
        borderRadius: 2,
        boxShadow: '0 6px 24px rgb(0 0 0 / 18%)',
      }}
    >
      <Typography variant="caption" component="p">
        {say('{{at}} of {{sTOPS}}', { at, sTOPS: STOPS.length })}
      </Typography>
      <Typography sx={{ fontWeight: 700, fontSize: 18 }}>{say(stop.title)}</Typography>
      <Typography role="status" sx={{ mt: 0.5 }}>
        {say(stop.words)}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, mt: 1.5, alignItems: 'center' }}>
        {at > 1 && (
          <Button size="small" component={Link} href={base + addressOf(at - 1)}>
            {say('Back')}
          </Button>
        )}
        <Box sx={{ flex: 1 }} />
        <Button size="small" component={Link} replace href={`${pathname}?${without.toString()}`}>
          {say('Leave')}
        </Button>
        {last ? (
          <Button size="small" variant="contained" href="/studio/students?add=1">
            {say('Add my first student')}
          </Button>
        ) : (
          <Button size="small" variant="contained" component={Link} href={base + addressOf(at + 1)}>
            {say('Next')}
          </Button>
        )}
      </Box>
    </Box>
  );
}
