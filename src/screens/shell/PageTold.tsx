'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import { usePathname, useSearchParams } from 'next/navigation';
import { useEffect, useRef, useState, type RefObject } from 'react';

/** Seen by nobody, read aloud. */
const SPOKEN = {
  position: 'absolute',
  width: 1,
  height: 1,
  overflow: 'hidden',
  clipPath: 'inset(50%)',
  whiteSpace: 'nowrap',
} as const;

/**
 * Says where one is: the title of the page is its heading, and after going somewhere the heading is spoken and the
 * focus stands at the beginning of the page, unless the page has put it somewhere itself.
 */
export function PageTold({ main }: { main: RefObject<HTMLElement | null> }) {
  const pathname = usePathname();
  const params = useSearchParams();
  // A student's steps are pages of their own; what else stands in an address is not.
  const place = `${pathname}?${params.get('id') ?? ''}/${params.get('step') ?? ''}`;
  const before = useRef<string | null>(null);
  const [words, setWords] = useState('');
  useEffect(() => {
    const page = main.current;
    if (!page) return;
    const last = before.current;
    const came = last !== null && last !== place;
    before.current = place;
    // On the way to another path the framework speaks the title, where it is there in time.
    const spoken = came && last.split('?')[0] !== pathname;
    let told = !came || (spoken && page.querySelector('h1') !== null);
    if (came) document.title = say('Kolpos');
    const look = () => {
      const heading = page.querySelector('h1')?.textContent.trim();
      if (!heading) return;
      const title = say('{{heading}} · Kolpos', { heading });
      if (document.title !== title) document.title = title;
      if (!told) {
        told = true;
        setWords(heading);
      }
    };
    let frame = 0;
    const later = () => {
      cancelAnimationFrame(frame);
      frame = requestAnimationFrame(look);
    };
    look();
    const observer = new MutationObserver(later);
    observer.observe(page, { childList: true, subtree: true, characterData: true });
    const at = document.activeElement;
    if (came && (at === null || at === document.body || at.closest('nav') !== null))
      page.focus({ preventScroll: true });
    return () => {
      observer.disconnect();
      cancelAnimationFrame(frame);
    };
  }, [place, pathname, main]);
  return (
    <Box aria-live="polite" sx={SPOKEN}>
      {words}
    </Box>
  );
}
