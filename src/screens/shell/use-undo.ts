'use client';
import Button from '@mui/material/Button';
import { closeSnackbar, useSnackbar } from 'notistack';
import { createElement, useCallback } from 'react';
import type { Change } from '@/store/changes';

/** Says what was done and offers the way back. */
export function useUndo(): (message: string, change: Change) => void {
  const { enqueueSnackbar } = useSnackbar();
  return useCallback(
    (message, change) => {
      enqueueSnackbar(message, {
        action: (key) =>
          createElement(
            Button,
            {
              color: 'inherit',
              size: 'small',
              onClick: () => {
                void change.undo();
                closeSnackbar(key);
              },
            },
            'Undo',
          ),
      });
    },
    [enqueueSnackbar],
  );
}
