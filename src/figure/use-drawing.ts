import { useEffect, useMemo, useState } from 'react';
import { draw } from './draw';
import { pictures } from './pictures';
import type { Detail, Drawing, Scene } from './scene';
import { wordOf } from './word';

/** A browser draws beside the page; anything else (tests, a server) at once. */
const beside = typeof Worker !== 'undefined';

/**
 * The drawing of a scene. While a large one is being made a quick one stands in for it; a small one waits, and what was there
 * before stays until then; `resting` once it is as fine as asked. `moving` draws quickly and at once, as often as it is asked.
 */
export function useDrawing(
  scene: Scene,
  detail: Detail,
  moving: boolean,
): { drawing: Drawing | null; resting: boolean } {
  const word = useMemo(() => wordOf(scene, detail), [scene, detail]);
  const [made, setMade] = useState<{ word: string; drawing: Drawing } | null>(null);
  const known = moving || !beside ? undefined : pictures.known(word);
  useEffect(() => {
    if (moving || !beside || pictures.known(word)) return;
    return pictures.ask(word, scene, detail, (drawing) => drawing && setMade({ word, drawing }));
    // The word says all that the scene is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [word, moving]);
  const ready = known ?? (made?.word === word ? made.drawing : undefined);
  const quick = detail === 'large' && beside && (moving || !ready);
  const now = useMemo(
    () => (quick ? draw(scene, 'moving') : beside ? null : draw(scene, moving ? 'moving' : detail)),
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [word, quick, moving],
  );
  return {
    drawing: (moving ? now : (ready ?? now)) ?? made?.drawing ?? null,
    resting: !moving && (ready !== undefined || !beside),
  };
}
