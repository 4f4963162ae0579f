'use client';
import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useState } from 'react';

const CameBack = dynamic(() => import('./CameBack').then((m) => m.CameBack), { ssr: false });

/** Opens what a student's phone gives back; its window is fetched with the first press. */
export function CameBackButton() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button variant="outlined" className="no-print" onClick={() => setOpen(true)}>
        {say('Back from home')}
      </Button>
      {open && <CameBack onClose={() => setOpen(false)} />}
    </>
  );
}
