import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { useStudio } from './studio-context';

/** The pages of the rail, each with the letter that goes there after `g`. */
export const RAIL = [
  { path: '', label: 'Today', key: 't' },
  { path: '/daybook', label: 'Day book', key: 'd' },
  { path: '/students', label: 'Students', key: 's' },
  { path: '/classes', label: 'Classes', key: 'c' },
  { path: '/poses', label: 'Poses', key: 'p' },
  { path: '/muscles', label: 'Muscles', key: 'm' },
  { path: '/settings', label: 'Settings & files', key: 'f' },
  { path: '/guide', label: 'Guide', key: 'u' },
] as const;

/** Whether a page of the rail is open, or one that belongs to it. @param at address below the studio's own */
function isHere(path: (typeof RAIL)[number]['path'], at: string): boolean {
  if (path === '') return at === '';
  if (at.startsWith(path)) return true;
  if (path === '/students') return at.startsWith('/student') || at === '/overview';
  return path === '/classes' && at.startsWith('/class');
}

/** Name, search and pages, beside every page or above it. */
export function Rail({ onSearch, onKeys }: { onSearch: () => void; onKeys: () => void }) {
  'use memo';
  const { base } = useStudio();
  const pathname = usePathname();
  const at = pathname.startsWith(base) ? pathname.slice(base.length) : pathname;
  const strip = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const box = strip.current,
      here = box?.querySelector<HTMLElement>('[aria-current]');
    if (box && here) box.scrollLeft = here.offsetLeft - (box.clientWidth - here.offsetWidth) / 2;
  }, [at]);
  return (
    <Box
      component="nav"
      aria-label={say('Main')}
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
        minWidth: 0,
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
        {say('Kolpos')}
      </Box>
      <Button
        size="small"
        variant="outlined"
        aria-keyshortcuts={'Control+K'}
        onClick={onSearch}
        sx={{ mx: 1.5, mb: { md: 1 } }}
      >
        {say('Search')}
      </Button>
      <Box
        ref={strip}
        sx={{
          // On a phone the pages are one row, which is moved sideways; elsewhere they stand as the rail does.
          display: { xs: 'flex', sm: 'contents' },
          position: 'relative',
          width: '100%',
          overflowX: 'auto',
          scrollbarWidth: 'none',
          alignItems: 'center',
        }}
      >
        {RAIL.map((r) => {
          const here = isHere(r.path, at);
          return (
            <Box
              key={r.path}
              component={Link}
              href={base + r.path}
              aria-current={here ? 'page' : undefined}
              sx={{
                pl: { xs: 1.75, sm: 2.5 },
                pr: { xs: 1.75, sm: 2.5, md: 1 },
                py: 1.25,
                flexShrink: 0,
                whiteSpace: { xs: 'nowrap', md: 'normal' },
                color: 'var(--ink)',
                textDecoration: 'none',
                fontWeight: here ? 700 : 400,
                bgcolor: here ? 'var(--act-pale)' : undefined,
                boxShadow: here ? 'inset -3px 0 var(--act)' : undefined,
                '&:hover': { bgcolor: 'var(--act-pale)' },
              }}
            >
              {say(r.label)}
            </Box>
          );
        })}
        <Box sx={{ flex: 1 }} />
        <Button size="small" onClick={onKeys} sx={{ m: 1, flexShrink: 0 }}>
          {say('Shortcuts ?')}
        </Button>
      </Box>
    </Box>
  );
}
