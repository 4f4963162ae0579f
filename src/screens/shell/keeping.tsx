'use client';
import { createContext, useContext, useId, useLayoutEffect, useMemo, useState, type ReactNode } from 'react';

/** What a field tells of itself: whether what stands in it is not stored yet. */
type Tell = (field: string, unkept: boolean) => void;
const Keeping = createContext<Tell | null>(null);

/** Fields that hold something that is not stored yet; each tells by `useUnkept`. */
export function useKeeping(): { unkept: boolean; tell: Tell } {
  const [fields, setFields] = useState<ReadonlySet<string>>(new Set());
  const tell = useMemo<Tell>(
    () => (field, unkept) =>
      setFields((known) => {
        if (known.has(field) === unkept) return known;
        const next = new Set(known);
        if (unkept) next.add(field);
        else next.delete(field);
        return next;
      }),
    [],
  );
  return { unkept: fields.size > 0, tell };
}

/** Where fields tell whether they are kept. */
export function KeepingOf({ tell, children }: { tell: Tell; children: ReactNode }) {
  return <Keeping.Provider value={tell}>{children}</Keeping.Provider>;
}

/** Tells whoever says "Kept." that this field holds something that is not. */
export function useUnkept(unkept: boolean): void {
  const tell = useContext(Keeping);
  const field = useId();
  // Before anything is painted: not even for a moment does "Kept." stand beside a letter that is not.
  useLayoutEffect(() => {
    tell?.(field, unkept);
    return () => tell?.(field, false);
  }, [tell, field, unkept]);
}
