'use client';
import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import { closeSnackbar, useSnackbar } from 'notistack';
import { createElement, useCallback } from 'react';
import type { Change } from '@/store/changes';
import { useMessageTime } from './message-time';

/** Says what was done and offers the way back; where nothing was to be done, only that. */
export function useUndo(): (message: string, change?: Change) => void {
  const { enqueueSnackbar } = useSnackbar();
  const stays = useMessageTime() === 'stay';
  return useCallback(
    (message, change) => {
      enqueueSnackbar(message, {
        persist: stays,
        action: (key) => [
          change &&
            createElement(
              Button,
              {
                key: 'undo',
                color: 'inherit',
                size: 'small',
                onClick: () => {
                  closeSnackbar(key);
                  // An undo that cannot be done says so.
                  change
                    .undo()
                    .catch((error: unknown) =>
                      enqueueSnackbar(error instanceof Error ? error.message : String(error), { variant: 'error' }),
                    );
                },
              },
              say('Undo'),
            ),
          stays &&
            createElement(
              Button,
              { key: 'close', color: 'inherit', size: 'small', onClick: () => closeSnackbar(key) },
              say('Close'),
            ),
        ],
      });
    },
    [enqueueSnackbar, stays],
  );
}
