'use client';
import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useState } from 'react';

/** A progress line that shows only when the work takes more than 300 ms. */
export function LateProgress({ busy, label }: { busy: boolean; label: string }) {
  const [late, setLate] = useState(false);
  useEffect(() => {
    if (!busy) return;
    const timer = setTimeout(() => setLate(true), 300);
    return () => {
      clearTimeout(timer);
      setLate(false);
    };
  }, [busy]);
  return busy && late ? <LinearProgress aria-label={label} sx={{ mb: 1 }} /> : null;
}
