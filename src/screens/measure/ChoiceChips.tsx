import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import Typography from '@mui/material/Typography';

interface Choice<T extends string> {
  id: T;
  label: string;
  /** Choosing it ends the test: shown with the caution's sign. */
  stops?: boolean;
}

/** One question with its answers as chips; choosing the chosen one takes it back. */
export function ChoiceChips<T extends string>({
  question,
  choices,
  chosen,
  onChoose,
}: {
  question: string;
  choices: readonly Choice<T>[];
  chosen: string | undefined;
  onChoose: (id: T | undefined) => void;
}) {
  'use memo';
  return (
    <Box sx={{ mt: 0.75 }}>
      <Typography variant="caption" component="p" sx={{ mb: 0.25 }}>
        {question}
      </Typography>
      <Box role="group" aria-label={question} sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
        {choices.map(({ id, label, stops }) => (
          <Chip
            key={id}
            clickable
            label={stops ? `▲ ${label}` : label}
            color={chosen === id ? (stops ? 'warning' : 'primary') : 'default'}
            variant={chosen === id ? 'filled' : 'outlined'}
            aria-pressed={chosen === id}
            onClick={() => onChoose(chosen === id ? undefined : id)}
            sx={{
              height: 30,
              ...(stops && chosen !== id ? { color: 'var(--caution)', borderColor: 'var(--caution)' } : {}),
            }}
          />
        ))}
      </Box>
    </Box>
  );
}
