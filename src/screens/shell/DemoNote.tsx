'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';
import { useEffect, useState } from 'react';
import { replaceAll } from '@/store/exchange';
import { core } from '@/workers/use-core';
import { useStudio } from './studio-context';

/** Says that this is demo data, fills it the first time, and puts it back on request. */
export function DemoNote() {
  const { db } = useStudio();
  const { enqueueSnackbar } = useSnackbar();
  const [busy, setBusy] = useState(false);

  useEffect(() => {
    let current = true;
    void (async () => {
      if ((await db.memos.get('demo-filled')) || !current) return;
      setBusy(true);
      const record = await core().demo();
      if ((await db.students.count()) === 0) await replaceAll(db, record);
      await db.memos.put({ key: 'demo-filled', value: '1' });
      if (current) setBusy(false);
    })();
    return () => {
      current = false;
    };
  }, [db]);

  const reset = async () => {
    setBusy(true);
    await replaceAll(db, await core().demo());
    await db.memos.put({ key: 'demo-filled', value: '1' });
    setBusy(false);
    enqueueSnackbar('The demo studio is as it was at the beginning.');
  };

  return (
    <Box
      className="no-print"
      sx={{
        display: 'flex',
        flexWrap: { xs: 'wrap', sm: 'nowrap' },
        gap: { xs: 2, sm: 1 },
        alignItems: 'center',
        px: 3,
        py: 0.5,
        bgcolor: 'var(--act-pale)',
        borderBottom: '1px solid var(--line)',
        fontSize: 14,
      }}
    >
      <span>
        {busy
          ? 'Making up the demo students …'
          : 'Demo studio in a boathouse: everyone here is made up, and so are their readings.'}
      </span>
      <Box sx={{ flex: 1 }} />
      <Button size="small" sx={{ flexShrink: 0 }} disabled={busy} onClick={() => void reset()}>
        Start the demo afresh
      </Button>
      <Button size="small" sx={{ flexShrink: 0 }} href="/studio">
        My own studio
      </Button>
    </Box>
  );
}
