import { z } from 'zod';
import { PLACES } from './place-names';

export { PLACES, type Place } from './place-names';
export const placeSchema = z.enum(PLACES);

/** A day as `YYYY-MM-DD`. */
export const daySchema = z.iso.date();
