'use client';
import { deviceChoice } from './device-choice';

/** How long messages with a way back stay: some seconds, or until they are closed. Kept for this device. */
export type MessageTime = 'short' | 'stay';

/** Milliseconds that a message is read in (ours: long enough for two lines). */
export const SHORT_MS = 7000;

const choice = deviceChoice<MessageTime>('kolpos-messages', ['short', 'stay']);
export const setMessageTime = choice.set;
/** The choice of this device; follows a change in another window. */
export const useMessageTime = choice.use;
