'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useSnackbar } from 'notistack';
import { useEffect, useState } from 'react';
import { z } from 'zod';
import type { KolposRecord } from '@/core/formats/record';
import { LIMITS } from '@/store/memo-keys';
import { today, type StudioDatabase } from '@/store/studio';
import { addressOf } from './guided-stops';
import { useStudio } from './studio-context';

const MISSING = 'The demo students could not be fetched. Nothing was changed; load the page again.';

/**
 * The made-up studio, from the file that `npm run derived demo` writes, moved by whole weeks to where today is: who
 * came last week and comes on Thursday does so whenever somebody looks at it.
 */
async function demoRecord(): Promise<KolposRecord> {
  // Reading files needs the whole library: only where one is read.
  const [{ readRecord }, { movedDays, wholeWeeks }] = await Promise.all([
    import('@/core/formats/read-record'),
    import('@/core/formats/moved-days'),
  ]);
  const answer = await fetch('/demo.json');
  const read = readRecord(await answer.text());
  if (!answer.ok || !read.ok) throw new Error('no demo');
  return movedDays(read.record, wholeWeeks(read.record.exportedAt.slice(0, 10), today()));
}

const fill = async (db: StudioDatabase): Promise<void> => {
  const [{ replaceAll }, record] = await Promise.all([import('@/store/exchange'), demoRecord()]);
  await replaceAll(db, record);
  await fillLimits(db).catch(() => undefined);
};

/** What limits each of them, worked out beforehand; without it each page works it out for itself. */
async function fillLimits(db: StudioDatabase): Promise<void> {
  const limits = z.record(z.string(), z.string()).parse(await (await fetch('/demo-limits.json')).json());
  await db.memos.bulkPut(Object.entries(limits).map(([id, value]) => ({ key: LIMITS + id, value })));
}

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
      try {
        if ((await db.students.count()) === 0) await fill(db);
        await db.memos.put({ key: 'demo-filled', value: '1' });
      } catch {
        if (current) enqueueSnackbar(say(MISSING), { variant: 'error' });
      }
      if (current) setBusy(false);
    })();
    return () => {
      current = false;
    };
  }, [db, enqueueSnackbar]);

  const reset = async () => {
    setBusy(true);
    try {
      await fill(db);
      await db.memos.put({ key: 'demo-filled', value: '1' });
      enqueueSnackbar(say('The demo studio is as it was at the beginning.'));
    } catch {
      enqueueSnackbar(say(MISSING), { variant: 'error' });
    }
    setBusy(false);
  };

  return (
    <Box
      className="no-print"
      sx={{
        display: 'flex',
        flexWrap: { xs: 'wrap', sm: 'nowrap' },
        columnGap: { xs: 0, sm: 1 },
        alignItems: 'center',
        px: { xs: 1.5, sm: 3 },
        py: { xs: 0, sm: 0.5 },
        bgcolor: 'var(--act-pale)',
        borderBottom: '1px solid var(--line)',
        fontSize: 14,
      }}
    >
      {busy ? <span>{say('Fetching the demo students …')}</span> : <MadeUp />}
      <Box sx={{ flex: 1, display: { xs: 'none', sm: 'block' } }} />
      <Button size="small" sx={{ flexShrink: 0 }} component={Link} href={`/demo${addressOf(1)}`}>
        {say('Show me round')}
      </Button>
      <Button size="small" sx={{ flexShrink: 0 }} disabled={busy} onClick={() => void reset()}>
        {say('Start the demo afresh')}
      </Button>
      <Button size="small" sx={{ flexShrink: 0 }} href="/studio">
        {say('My own studio')}
      </Button>
    </Box>
  );
}

/** That nobody here is real, in a few words where there is little room. */
const MadeUp = () => (
  <>
    <Box component="span" sx={{ display: { xs: 'none', sm: 'inline' } }}>
      {say('Demo studio in a boathouse: everyone here is made up, and so are their readings.')}
    </Box>
    <Box component="span" sx={{ display: { sm: 'none' }, width: '100%', px: 1, pt: 0.5 }}>
      {say('Demo: students and readings are made up.')}
    </Box>
  </>
);
