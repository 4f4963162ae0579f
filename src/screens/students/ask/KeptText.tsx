'use client';
import TextField from '@mui/material/TextField';
import { useEffect, useRef, useState } from 'react';
import { useUnkept } from '../../shell/keeping';
import { linesOf } from '../../shell/lines';

/** Milliseconds without typing after which it is kept. */
const PAUSE = 400;

/** A text that is kept as it is typed: after a pause, when left, and when the page goes. */
export function KeptText({
  label,
  value,
  max,
  lines = 1,
  help,
  onKeep,
}: {
  label: string;
  value: string;
  max: number;
  lines?: number;
  help?: string;
  onKeep: (value: string) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  useUnkept(typed !== null && typed !== value);
  const open = useRef<{ text: string; keep: (value: string) => void } | null>(null);
  useEffect(() => {
    open.current = typed === null || typed === value ? null : { text: typed, keep: onKeep };
  });
  useEffect(() => {
    if (typed === null || typed === value) return;
    const timer = setTimeout(() => open.current?.keep(open.current.text), PAUSE);
    return () => clearTimeout(timer);
  }, [typed, value]);
  useEffect(
    () => () => {
      if (open.current) open.current.keep(open.current.text);
    },
    [],
  );
  const own = lines > 1 ? linesOf(lines) : undefined;
  return (
    <TextField
      label={label}
      value={typed ?? value}
      fullWidth
      multiline={lines > 1}
      helperText={help}
      onChange={(e) => setTyped(e.target.value.slice(0, max))}
      onBlur={() => {
        if (open.current) open.current.keep(open.current.text);
        setTyped(null);
      }}
      slotProps={{ ...own, htmlInput: { ...own?.htmlInput, autoComplete: 'off', maxLength: max } }}
    />
  );
}
