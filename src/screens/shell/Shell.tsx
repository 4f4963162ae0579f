'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { usePathname, useRouter } from 'next/navigation';
import { Suspense, useEffect, useRef, useState, type ReactNode } from 'react';
import { DemoNote } from './DemoNote';
import { GuidedLook } from './GuidedLook';
import { PageTold } from './PageTold';
import { useStudio } from './studio-context';
import { UnsavedNote } from './UnsavedNote';
import { UpdateNote } from './UpdateNote';
import { usePaintedBody } from '../settings/use-drawn-body';
import { useDailyBackup } from './use-daily-backup';
import { useKeys } from './use-keys';

const SearchDialog = dynamic(() => import('../search/SearchDialog').then((m) => m.SearchDialog));

const RAIL = [
  { path: '', label: 'Today', key: 't' },
  { path: '/daybook', label: 'Day book', key: 'd' },
  { path: '/students', label: 'Students', key: 's' },
  { path: '/classes', label: 'Classes', key: 'c' },
  { path: '/poses', label: 'Poses', key: 'p' },
  { path: '/muscles', label: 'Muscles', key: 'm' },
  { path: '/settings', label: 'Settings & files', key: 'f' },
  { path: '/guide', label: 'Guide', key: 'u' },
] as const;

const KEYS: readonly (readonly [string, string])[] = [
  ['g then t, d, s, c, p, m, f or u', 'Today, Day book, Students, Classes, Poses, Muscles, Settings & files, Guide'],
  ['Ctrl K or /', 'search everything'],
  ['1 … 6', 'inside a student: Ask, Measure, Findings, Poses, Practice, Progress (from a field: with Alt)'],
  ['← → ↑ ↓', 'turn the figure when it is chosen'],
  [
    '+ − × ÷ Enter',
    'in Measure, from the value or a number pad: nudge, where felt, how it ends, add a trial and then keep',
  ],
  ['space', 'in an instrument: take the reading, start and stop the clock, count one'],
  ['Alt ↑ / Alt ↓', 'move a block of a practice; Enter on its name opens it'],
  ['Ctrl Z / Ctrl Y', 'undo and redo changes of a practice, without end'],
  ['space, →, ←, s', 'in Teach: pause, next, back, skip (a foot pedal’s page keys too)'],
  ['l, r, e, h, b', 'in Teach: longer, this side once more, easier, harder, a breath tapped'],
  ['?', 'this list'],
];

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
        gridTemplateColumns: { xs: '1fr', md: '148px 1fr' },
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
        Skip to the page
      </Box>
      {told}
      <Box
        component="nav"
        aria-label="Main"
        className="no-print"
        sx={{
          borderRight: { md: '1px solid var(--line)' },
          borderBottom: { xs: '1px solid var(--line)', md: 'none' },
          display: 'flex',
          flexDirection: { xs: 'row', md: 'column' },
          flexWrap: { xs: 'wrap', md: 'nowrap' },
          alignItems: { xs: 'center', md: 'stretch' },
          position: { md: 'sticky' },
          top: 0,
          height: { md: '100vh' },
        }}
      >
        <Box
          component={Link}
          href={base}
          sx={{
            px: 2.5,
            py: { xs: 1, md: 2.5 },
            font: "italic 700 24px 'Source Serif 4 Variable', serif",
            color: 'var(--ink)',
            textDecoration: 'none',
          }}
        >
          Kolpos
        </Box>
        <Button
          size="small"
          variant="outlined"
          aria-keyshortcuts="Control+K"
          onClick={() => setSearching(true)}
          sx={{ mx: 1.5, mb: { md: 1 } }}
        >
          Search
        </Button>
        {RAIL.map((r) => {
          const here =
            r.path === ''
              ? pathname === base
              : pathname.startsWith(base + r.path) ||
                (r.path === '/students' &&
                  (pathname.startsWith(`${base}/student`) || pathname === `${base}/overview`)) ||
                (r.path === '/classes' && pathname.startsWith(`${base}/class`));
          return (
            <Box
              key={r.path}
              component={Link}
              href={base + r.path}
              aria-current={here ? 'page' : undefined}
              sx={{
                px: 2.5,
                py: 1.25,
                color: 'var(--ink)',
                textDecoration: 'none',
                fontWeight: here ? 700 : 400,
                bgcolor: here ? 'var(--act-pale)' : undefined,
                boxShadow: here ? 'inset -3px 0 var(--act)' : undefined,
                '&:hover': { bgcolor: 'var(--act-pale)' },
              }}
            >
              {r.label}
            </Box>
          );
        })}
        <Box sx={{ flex: 1 }} />
        <Button size="small" onClick={() => setHelp(true)} sx={{ m: 1 }}>
          Shortcuts ?
        </Button>
      </Box>
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
      <Dialog open={help} onClose={() => setHelp(false)} aria-labelledby="keys-title">
        <DialogTitle id="keys-title">Keys</DialogTitle>
        <DialogContent>
          <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: 1, columnGap: 3, m: 0 }}>
            {KEYS.map(([k, what]) => (
              <Box key={k} sx={{ display: 'contents' }}>
                <Typography component="dt" sx={{ fontWeight: 700 }}>
                  {k}
                </Typography>
                <Typography component="dd" sx={{ m: 0 }}>
                  {what}
                </Typography>
              </Box>
            ))}
          </Box>
          <Button sx={{ mt: 2 }} onClick={() => setHelp(false)}>
            Close
          </Button>
        </DialogContent>
      </Dialog>
    </Box>
  );
}
