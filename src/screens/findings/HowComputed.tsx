import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { findingsTold } from '@/core/formats/as-told';
import type { Findings } from '@/core/inference';
import { Word } from '../guide/Word';
import { saveFile } from '../shell/save-file';

/** The statistics behind the findings, for whoever wants them, and the findings as a file. */
export function HowComputed({ findings, student }: { findings: Findings; student: string }) {
  'use memo';
  const { diagnostics: told, model } = findings;
  return (
    <Box sx={{ mt: 2, fontSize: 14 }}>
      <Typography variant="caption" component="p">
        {say('Kolpos never diagnoses. What worries you goes to a clinician.')}
      </Typography>
      <Box component="details" sx={{ mt: 1 }}>
        <summary>{say('How this was computed')}</summary>
        <Typography variant="caption" component="p" sx={{ mt: 0.5 }}>
          {say('{{count}} readings', { count: told.readings })}
          {told.places > 0 && say(' and {{count}} places felt in poses', { count: told.places })}; {told.samples}{' '}
          <Word of="draw">{say('draws')}</Word>
          {say(', effective {{count}},', { count: told.effective })} <Word of="R-hat">{say('R-hat')}</Word> {told.rhat}.{' '}
          {say(model.note)}
        </Typography>
      </Box>
      <Button
        size="small"
        sx={{ ml: -0.6 }}
        onClick={() => saveFile(`kolpos-findings-${student}.json`, JSON.stringify(findingsTold(findings), null, 2))}
      >
        {say('Save the numbers')}
      </Button>
    </Box>
  );
}
