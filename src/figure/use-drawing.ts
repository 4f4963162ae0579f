import { useEffect, useMemo, useState } from 'react';
import { draw } from './draw';
import { pictures } from './pictures';
import type { Detail, Drawing, Scene } from './scene';
import { wordOf } from './word';

/**
 * A browser draws beside the page; where there is a page but no worker (tests), it draws at once; a server draws
 * nothing.
 */
const page = typeof window !== 'undefined';
const beside = page && typeof Worker !== 'undefined';

/**
 * The drawing of a scene. While a large one is being made a quick one stands in for it; a small one waits, and what was
 * there before stays until then; `resting` once it is as fine as asked. `moving` draws quickly and at once, as often as
 * it is asked.
 */
export function useDrawing(
  scene: Scene,
  detail: Detail,
  moving: boolean,
): { drawing: Drawing | null; resting: boolean } {
  const word = useMemo(() => wordOf(scene, detail), [scene, detail]);
  const [made, setMade] = useState<{ word: string; drawing: Drawing } | null>(null);
  const waits = beside && !moving;
  const known = waits ? pictures.known(word) : undefined;
  useEffect(() => {
    if (!waits) return;
    const take = (drawing: Drawing | null): void => {
      if (drawing) setMade({ word, drawing });
    };
    // It may have come for another figure since this one was shown.
    const there = pictures.known(word);
    return there ? take(there) : pictures.ask(word, scene, detail, take);
    // The word says all that the scene is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [word, waits]);
  const fine = known ?? (made?.word === word ? made.drawing : undefined);
  const quick = moving || (detail === 'large' && !fine);
  const now = useMemo(
    () => (!page || (beside && !quick) ? null : draw(scene, beside || moving ? 'moving' : detail)),
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [word, quick, moving],
  );
  return {
    drawing: (moving ? now : (fine ?? now)) ?? made?.drawing ?? null,
    resting: !moving && (fine !== undefined || !beside),
  };
}
