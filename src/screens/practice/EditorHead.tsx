import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Practice } from '@/core/practice/practice';
import { PracticeMenu } from './PracticeMenu';
import type { Edits } from './use-edits';

/** What a practice is called, the ways back, and what can be added or done with it. */
export function EditorHead({ practice, edits, onAdd }: { practice: Practice; edits: Edits; onAdd: () => void }) {
  'use memo';
  const { back, forward, canBack, canForward } = edits;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'baseline', mb: 0.5 }}>
      <Typography variant="h1" sx={{ fontSize: 20, flex: 1, minWidth: 180 }}>
        {practice.title}
      </Typography>
      <Button
        size="small"
        disabled={canBack === null}
        onClick={back}
        title={canBack ? say('Take back: {{canBack}}', { canBack }) : ''}
      >
        {say('Undo')}
      </Button>
      <Button
        size="small"
        disabled={canForward === null}
        onClick={forward}
        title={canForward ? say('Do again: {{canForward}}', { canForward }) : ''}
      >
        {say('Redo')}
      </Button>
      <Button size="small" onClick={onAdd}>
        {say('Add a pose')}
      </Button>
      <PracticeMenu practice={practice} />
    </Box>
  );
}
