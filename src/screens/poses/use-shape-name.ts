'use client';
import { useEffect, useState } from 'react';

/** What a pose is called, for a page that does without the library until one is spoken of; null until it is there. */
export function useShapeName(id: string | undefined): string | null {
  const [known, setKnown] = useState<{ id: string; name: string } | null>(null);
  useEffect(() => {
    if (id === undefined) return;
    let current = true;
    void import('@/core/poses').then(
      ({ shapeById }) => {
        const name = shapeById(id)?.name;
        if (current && name !== undefined) setKnown({ id, name });
      },
      () => undefined,
    );
    return () => {
      current = false;
    };
  }, [id]);
  return known !== null && known.id === id ? known.name : null;
}
