import { useState } from 'react';
import { numberIn } from '@/core/number-in';

/** What is wrong with what stands in a field. */
export type Wrong = 'no number' | 'beyond' | 'not whole';

export interface NumberAsked {
  value: number;
  least: number;
  most: number;
  whole?: boolean;
  /** Takes a number that fits: with every letter, or once she has left the field. */
  onPut: (value: number) => void;
  when?: 'typing' | 'leaving';
}

/**
 * A number that is typed: a comma or a point, answered while it is wrong; what is wrong changes nothing, and the field
 * says what holds as soon as it is left.
 */
export function useTypedNumber({ value, least, most, whole = false, onPut, when = 'typing' }: NumberAsked): {
  /** What stands in the field. */
  text: string;
  wrong: Wrong | null;
  type: (text: string) => void;
  leave: () => void;
  /** Shows what holds, where something else than this field changed it. */
  drop: () => void;
} {
  const [typed, setTyped] = useState<string | null>(null);
  const wrongIn = (text: string): Wrong | null => {
    const number = numberIn(text);
    if (!Number.isFinite(number)) return 'no number';
    if (number < least || number > most) return 'beyond';
    return whole && !Number.isInteger(number) ? 'not whole' : null;
  };
  const put = (text: string): void => {
    const number = numberIn(text);
    if (wrongIn(text) === null && number !== value) onPut(number);
  };
  const drop = () => setTyped(null);
  return {
    text: typed ?? String(value),
    // An empty field, or a sign alone, is not wrong yet: she is about to type.
    wrong: typed === null || /^\s*[-−–+]?\s*$/.test(typed) ? null : wrongIn(typed),
    type: (text) => {
      setTyped(text);
      if (when === 'typing') put(text);
    },
    leave: () => {
      if (when === 'leaving' && typed !== null) put(typed);
      drop();
    },
    drop,
  };
}
