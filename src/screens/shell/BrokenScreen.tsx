'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { usePathname } from 'next/navigation';
import { useState } from 'react';
import { studioDatabase, today, type StudioName } from '@/store/studio';
import { brokenWords } from './broken-words';
import { saveFile } from './save-file';

/** In place of a screen that cannot be shown: what happened, what is safe, and the ways out. */
export function BrokenScreen({ error, reset }: { error: Error; reset: () => void }) {
  const name: StudioName = usePathname().startsWith('/demo') ? 'demo' : 'studio';
  const { title, words } = brokenWords(error);
  const [saved, setSaved] = useState<string | null>(null);
  const save = async () => {
    try {
      const { takeOut } = await import('@/store/take-out');
      saveFile(`kolpos-${name}-${today()}.json`, await takeOut(studioDatabase(name)));
      setSaved(say('Everything that can be read is in the file.'));
    } catch {
      setSaved(say('Nothing could be read from this browser’s storage, so there is nothing to save.'));
    }
  };
  return (
    <Box role="alert" sx={{ p: 4, maxWidth: 640 }}>
      <Typography variant="h1" gutterBottom>
        {say(title)}
      </Typography>
      <Typography sx={{ mb: 2 }}>{say(words)}</Typography>
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', mb: 2 }}>
        <Button variant="contained" onClick={reset}>
          {say('Try again')}
        </Button>
        <Button variant="outlined" onClick={() => void save()}>
          {say('Save a backup of everything')}
        </Button>
        {/* A whole new page: whatever broke is left behind. */}
        <Button component="a" href={`/${name}`}>
          {say('Go to Today')}
        </Button>
      </Box>
      {saved && (
        <Typography role="status" sx={{ mb: 2 }}>
          {saved}
        </Typography>
      )}
      <Typography variant="caption" component="details" sx={{ overflowWrap: 'anywhere' }}>
        <summary>{say('For whoever looks after this')}</summary>
        {error.name}: {error.message}
      </Typography>
    </Box>
  );
}
