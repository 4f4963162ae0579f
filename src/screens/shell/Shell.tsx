'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import dynamic from 'next/dynamic';
import { usePathname, useRouter } from 'next/navigation';
import { Suspense, useEffect, useRef, useState, type ReactNode } from 'react';
import { DemoNote } from './DemoNote';
import { GuidedLook } from './GuidedLook';
import { KeysDialog } from './KeysDialog';
import { PageTold } from './PageTold';
import { Rail, RAIL } from './Rail';
import { useStudio } from './studio-context';
import { UnsavedNote } from './UnsavedNote';
import { UpdateNote } from './UpdateNote';
import { usePaintedBody } from '../settings/use-drawn-body';
import { useDailyBackup } from './use-daily-backup';
import { useKeys } from './use-keys';

const SearchDialog = dynamic(() => import('../search/SearchDialog').then((m) => m.SearchDialog));

/** Rail and page. Keys: `g` and a letter goes to a page, `?` lists the keys. */
export function Shell({ children }: { children: ReactNode }) {
  const { base, name, db } = useStudio();
  useDailyBackup(db, name === 'studio');
  usePaintedBody();
  const pathname = usePathname();
  const router = useRouter();
  const [help, setHelp] = useState(false);
  const [searching, setSearching] = useState(false);
  const teaching = pathname.endsWith('/teach');

  const going = useRef(false);
  useKeys((e) => {
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    if (e.key === '?') setHelp(true);
    if (e.key === '/' && !teaching) {
      e.preventDefault();
      setSearching(true);
    }
    const place = going.current ? RAIL.find((r) => r.key === e.key) : undefined;
    if (place) router.push(base + place.path);
    going.current = e.key === 'g';
  });
  // Also from a field: this key writes nothing.
  useKeys(
    (e) => {
      if (!(e.ctrlKey || e.metaKey) || e.altKey || e.key.toLowerCase() !== 'k' || teaching) return;
      e.preventDefault();
      setSearching(true);
    },
    { inFields: true },
  );
  useEffect(() => {
    // Told to whoever must not press a key too early: tests, and programs that read the page aloud.
    document.documentElement.dataset.listens = 'yes';
  }, []);

  const main = useRef<HTMLElement>(null);
  const told = (
    <Suspense>
      <PageTold main={main} />
    </Suspense>
  );
  if (teaching)
    return (
      <>
        {told}
        <main ref={main} tabIndex={-1} style={{ outline: 'none' }}>
          {children}
        </main>
      </>
    );
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '148px 1fr' },
        gridTemplateRows: { xs: 'auto 1fr', md: 'none' },
        minHeight: '100vh',
      }}
    >
      <Box
        component="a"
        href="#page"
        className="no-print"
        sx={{
          position: 'absolute',
          left: 8,
          top: -60,
          zIndex: 10,
          bgcolor: 'var(--act)',
          color: 'var(--surface)',
          px: 2,
          py: 1,
          borderRadius: 1,
          '&:focus': { top: 8 },
        }}
      >
        {say('Skip to the page')}
      </Box>
      {told}
      <Rail onSearch={() => setSearching(true)} onKeys={() => setHelp(true)} />
      <Box sx={{ minWidth: 0 }}>
        {name === 'demo' && (
          <>
            <DemoNote />
            <Suspense>
              <GuidedLook />
            </Suspense>
          </>
        )}
        <UpdateNote />
        <UnsavedNote />
        <main id="page" ref={main} tabIndex={-1} style={{ outline: 'none' }}>
          {children}
        </main>
      </Box>
      {searching && <SearchDialog onClose={() => setSearching(false)} />}
      <KeysDialog open={help} onClose={() => setHelp(false)} />
    </Box>
  );
}
