import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import type { Rung } from '@/core/poses';
import type { OwnShape } from '@/core/poses/schema';
import { core } from '@/workers/use-core';

/** Lays a rung onto what it touches, in the worker. */
export function SettleButton({
  shape,
  at,
  onSettled,
}: {
  shape: OwnShape;
  /** Place of the rung, from 0. */
  at: number;
  onSettled: (rung: Rung) => void;
}) {
  'use memo';
  const { enqueueSnackbar } = useSnackbar();
  const [settling, setSettling] = useState(false);
  const settle = async () => {
    setSettling(true);
    try {
      onSettled(await core().settle(shape, at));
    } catch (error) {
      const why = error instanceof Error ? error.message : String(error);
      enqueueSnackbar(say('It could not be settled: {{why}}', { why }), { variant: 'error' });
    }
    setSettling(false);
  };
  return (
    <Button size="small" variant="outlined" disabled={settling} onClick={() => void settle()}>
      {settling ? say('Settling …') : say('Settle on what it touches')}
    </Button>
  );
}
