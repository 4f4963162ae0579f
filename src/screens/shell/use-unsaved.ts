'use client';
import { useSyncExternalStore } from 'react';
import { onUnsaved, unsaved, type Unsaved } from '@/store/unsaved';

const NONE: Unsaved = { database: '', readings: [], reason: '' };

/** Readings that live in memory because the browser could not write them. */
export const useUnsaved = (): Unsaved => useSyncExternalStore(onUnsaved, unsaved, () => NONE);
