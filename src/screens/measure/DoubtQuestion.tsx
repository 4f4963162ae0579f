import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';

/** An unlikely value, asked about once: keep it, take it as inches, or look again. */
export function DoubtQuestion({
  question,
  inches,
  onKeep,
  onInches,
  onLook,
}: {
  question: string;
  /** What the value would be if it was read in inches, centimetres. */
  inches: number | undefined;
  onKeep: () => void;
  onInches: (cm: number) => void;
  onLook: () => void;
}) {
  'use memo';
  return (
    <Box role="alert" sx={{ bgcolor: 'var(--act-pale)', borderRadius: 1, p: 1, my: 0.5 }}>
      <Typography sx={{ fontWeight: 600 }}>{question}</Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
        <Button size="small" variant="contained" onClick={onKeep}>
          {say('Keep it')}
        </Button>
        {inches !== undefined && (
          <Button size="small" variant="outlined" onClick={() => onInches(inches)}>
            {say('It was inches: {{count}} cm', { count: inches })}
          </Button>
        )}
        <Button size="small" onClick={onLook}>
          {say('Look again')}
        </Button>
      </Box>
    </Box>
  );
}
