'use client';
import { requestOf, requestSchema, type PracticeRequest } from '@/core/practice/request';
import { useSetting } from '../settings/use-setting';

/** What is wished of a practice beside its minutes; kept for each student. */
const wishesSchema = requestSchema.omit({ minutes: true, breathSeconds: true, version: true });
export type Wishes = Omit<PracticeRequest, 'minutes' | 'breathSeconds' | 'version'>;
const OURS: Wishes = wishesSchema.parse(requestOf({ minutes: 20 }));

export const useWishes = (student: string) => useSetting<Wishes>(`wishes/${student}`, wishesSchema, OURS);
