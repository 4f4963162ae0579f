import Chip from '@mui/material/Chip';

/** A small answer that is on or off. */
export function Pick({ label, on, press }: { label: string; on: boolean; press: () => void }) {
  return (
    <Chip
      clickable
      size="small"
      label={label}
      aria-pressed={on}
      color={on ? 'primary' : 'default'}
      variant={on ? 'filled' : 'outlined'}
      onClick={press}
      sx={{ height: 28 }}
    />
  );
}
