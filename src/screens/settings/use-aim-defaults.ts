'use client';
import { AIM_DEFAULTS, aimDefaultsSchema, type AimDefaults } from '@/core/aims/defaults';
import { readSetting } from '@/core/read-setting';
import { useSetting } from './use-setting';

/** Memo that holds a teacher's own way with aims. */
export const AIM_MEMO = 'school/aims';

/** The teacher's own way with aims; what she never set, or what cannot be read, is our default. */
export const useAimDefaults = (): AimDefaults => useSetting(AIM_MEMO, aimDefaultsSchema, AIM_DEFAULTS)[0];

/** Settings from their text; ours where there is none or it is broken. */
export const readDefaults = (text: string | undefined): AimDefaults =>
  readSetting(aimDefaultsSchema, AIM_DEFAULTS, text);
