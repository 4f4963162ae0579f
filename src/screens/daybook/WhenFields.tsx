import TextField from '@mui/material/TextField';

/** What was typed of when a visit is. */
export interface WhenTexts {
  at: string;
  minutes: string;
}

/** The hour and the minutes of a visit, each with what is wrong with it. */
export function WhenFields({
  texts,
  labels,
  problem,
  onChange,
}: {
  texts: WhenTexts;
  labels: WhenTexts;
  problem: { of: string; words: string } | null;
  onChange: (texts: WhenTexts) => void;
}) {
  const told = (of: keyof WhenTexts) => (problem?.of === of ? problem.words : undefined);
  return (
    <>
      <TextField
        size="small"
        type="time"
        label={labels.at}
        value={texts.at}
        onChange={(e) => onChange({ ...texts, at: e.target.value })}
        error={told('at') !== undefined}
        helperText={told('at')}
        slotProps={{ inputLabel: { shrink: true } }}
        sx={{ width: 128 }}
      />
      <TextField
        size="small"
        label={labels.minutes}
        value={texts.minutes}
        onChange={(e) => onChange({ ...texts, minutes: e.target.value })}
        error={told('minutes') !== undefined}
        helperText={told('minutes')}
        slotProps={{ htmlInput: { inputMode: 'numeric' } }}
        sx={{ width: 104 }}
      />
    </>
  );
}
