import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';

/**
 * The next so many of a long list: years of notes are drawn only as far as somebody looks. Nothing where all is shown.
 */
export function ShowMore({
  all,
  shown,
  step,
  onShow,
}: {
  all: number;
  shown: number;
  step: number;
  /** How many are to be shown now. */
  onShow: (count: number) => void;
}) {
  return all <= shown ? null : (
    <Button size="small" onClick={() => onShow(shown + step)} sx={{ my: 1 }}>
      {say('Show {{min}} more of {{all}}', { min: Math.min(step, all - shown), all })}
    </Button>
  );
}
