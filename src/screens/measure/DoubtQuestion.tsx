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
          Keep it
        </Button>
        {inches !== undefined && (
          <Button size="small" variant="outlined" onClick={() => onInches(inches)}>
            It was inches: {inches} cm
          </Button>
        )}
        <Button size="small" onClick={onLook}>
          Look again
        </Button>
      </Box>
    </Box>
  );
}
