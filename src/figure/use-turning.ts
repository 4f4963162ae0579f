import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Side } from '@/core/body';
import type { View } from './projection';

/** Pixels that a press may move and still count as pointing at a muscle. */
const STILL = 4;
const KEYS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-10, 0],
  ArrowRight: [10, 0],
  ArrowUp: [0, 6],
  ArrowDown: [0, -6],
};
const within = (pitch: number): number => Math.max(-20, Math.min(80, pitch));

export interface Turning {
  /** From where the figure was turned to; null while it stands as given. */
  own: View | null;
  turning: boolean;
  onKeyDown: (e: KeyboardEvent) => void;
  onPointerDown: (e: PointerEvent<SVGSVGElement>) => void;
  onPointerMove: (e: PointerEvent) => void;
  onPointerUp: (e: PointerEvent<SVGSVGElement>) => void;
  onPointerCancel: () => void;
}

/** Turning a figure by drag and arrow keys; a press that stays still points at a muscle. */
export function useTurning(given: View, onPick?: (structure: string, side: Side) => void): Turning {
  const [own, setOwn] = useState<View | null>(null);
  const [drag, setDrag] = useState<{ x: number; y: number; from: View } | null>(null);
  const shown = own ?? given;
  return {
    own,
    turning: drag !== null,
    onKeyDown: (e) => {
      const by = KEYS[e.key] as readonly [number, number] | undefined;
      if (!by) return;
      e.preventDefault();
      setOwn({ yaw: shown.yaw + by[0], pitch: within(shown.pitch + by[1]) });
    },
    onPointerDown: (e) => {
      e.currentTarget.setPointerCapture(e.pointerId);
      setDrag({ x: e.clientX, y: e.clientY, from: shown });
    },
    onPointerMove: (e) => {
      if (!drag) return;
      setOwn({
        yaw: drag.from.yaw - (e.clientX - drag.x) * 0.5,
        pitch: within(drag.from.pitch + (e.clientY - drag.y) * 0.3),
      });
    },
    onPointerUp: (e) => {
      const still = drag && Math.hypot(e.clientX - drag.x, e.clientY - drag.y) < STILL;
      setDrag(null);
      if (!still || !onPick) return;
      // The pointer is captured by the drawing: what lies under it is asked for by place.
      for (const element of document.elementsFromPoint(e.clientX, e.clientY)) {
        const { structure, side } = (element as SVGElement).dataset;
        if (structure && (side === 'left' || side === 'right')) return onPick(structure, side);
      }
    },
    onPointerCancel: () => setDrag(null),
  };
}
