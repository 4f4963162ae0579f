import { say } from './languages/spoken';

/** The word for one, or that for none or several. */
export const plural = (n: number, one: string, many: string = `${one}s`): string => say(n === 1 ? one : many);

/** A number with its word: `1 reading`, `3 readings`. */
export const counted = (n: number, one: string, many?: string): string => `${n} ${plural(n, one, many)}`;
