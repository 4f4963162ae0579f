import { cloneElement, Fragment, type ReactElement } from 'react';
import type { Values } from '@/core/languages/as-written';
import { say } from '@/core/languages/spoken';

/**
 * A sentence with parts that look or do otherwise: `Open <1>Settings</1>.` with an element for each number, which is
 * given what stands between. Another language may order them anew.
 */
export function Said({ text, values, parts }: { text: string; values?: Values; parts: readonly ReactElement[] }) {
  const pieces = say(text, values).split(/<(\d)>(.*?)<\/\1>/);
  return pieces.map((piece, i) => {
    // Split at two groups: what is around, the number, what is within.
    if (i % 3 === 0) return <Fragment key={i}>{piece}</Fragment>;
    if (i % 3 === 1) return null;
    const part = parts[Number(pieces[i - 1]) - 1];
    return part ? cloneElement(part, { key: i }, piece) : <Fragment key={i}>{piece}</Fragment>;
  });
}
