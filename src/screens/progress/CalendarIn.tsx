'use client';
import Button from '@mui/material/Button';
import { useRef } from 'react';

/** A button that asks for a calendar file. */
export function CalendarIn({ onFile }: { onFile: (file: File) => void }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button size="small" onClick={() => input.current?.click()}>
        Bring moved days in
      </Button>
      <input
        ref={input}
        type="file"
        accept="text/calendar,.ics"
        hidden
        aria-label="Calendar file"
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) onFile(file);
          e.target.value = '';
        }}
      />
    </>
  );
}
