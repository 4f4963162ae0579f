'use client';
import { useSyncExternalStore } from 'react';
import { onUnsaved, unsaved, type Unsaved } from '@/store/unsaved';

const NONE: Unsaved = { rows: [], reason: '' };

/** What lives in memory because the browser could not write it. */
export const useUnsaved = (): Unsaved => useSyncExternalStore(onUnsaved, unsaved, () => NONE);
