'use client';
import { COMFORT, comfortSchema } from '@/core/fit/way';
import { PROP_SIZES, PROPS_SETTING, propSizesSchema } from '@/core/poses/prop-sizes';
import { SCHOOLS, SCHOOLS_SETTING, schoolsSchema } from '@/core/poses/schools';
import { VOICE, VOICE_SETTING, voiceSchema } from '@/core/practice/voice';
import { LIKES_SETTING, likesSchema, NO_LIKES } from '@/core/practice/likes';
import { useSetting } from './use-setting';

/** How far a comfortable hold goes. */
export const useComfort = () => useSetting('school/comfort', comfortSchema, COMFORT);
/** Sizes of the props at hand. */
export const usePropSizes = () => useSetting(PROPS_SETTING, propSizesSchema, PROP_SIZES);
/** Her side where teachers differ about how a shape is taught. */
export const useSchools = () => useSetting(SCHOOLS_SETTING, schoolsSchema, SCHOOLS);
/** What she likes to teach, and what never. */
export const useLikes = () => useSetting(LIKES_SETTING, likesSchema, NO_LIKES);
/** How she speaks. */
export const useVoice = () => useSetting(VOICE_SETTING, voiceSchema, VOICE);
