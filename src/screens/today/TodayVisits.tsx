import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { visitsBetween } from '@/core/visits/visit';
import { today } from '@/store/studio';
import { useDayBook } from '../daybook/use-day-book';
import { VisitRow } from '../daybook/VisitRow';
import { useStudio } from '../shell/studio-context';

/** Who comes today, in order; nothing where nobody has been written into the day book for today. */
export function TodayVisits() {
  const { base } = useStudio();
  const book = useDayBook();
  const day = today();
  const visits = visitsBetween(book?.visits ?? [], day, day);
  if (!book || visits.length === 0) return null;
  return (
    <Box
      component="section"
      aria-labelledby="visits-today"
      sx={{ mb: 2, px: 2, py: 1, bgcolor: 'var(--surface)', border: '1px solid var(--line)', borderRadius: 1.5 }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
        <Typography id="visits-today" variant="h2" sx={{ flex: 1 }}>
          {say('Who comes')}
        </Typography>
        <Button size="small" component={Link} href={`${base}/daybook`}>
          {say('Day book')}
        </Button>
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {visits.map((v) => (
          <VisitRow key={v.id} visit={v} book={book} movable={false} />
        ))}
      </Box>
    </Box>
  );
}
