import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import { useRef } from 'react';

/** Takes a picture with the camera of this machine, or brings one in. */
export function BringPicture({ again, onPicture }: { again: boolean; onPicture: (picture: Blob) => void }) {
  'use memo';
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button variant={again ? 'text' : 'contained'} onClick={() => input.current?.click()}>
        {again ? say('Another picture') : say('Take or bring in a picture')}
      </Button>
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        aria-label={say('Picture to measure on')}
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) onPicture(file);
          e.target.value = '';
        }}
      />
    </>
  );
}
