import type { Build, FrameName, Posture, Reach, Side, Vec3 } from '@/core/body';
import type { View } from './projection';

/** A muscle to be shown: a structure on a side with its tint. */
export interface Tint {
  structure: string;
  side: Side;
  fill: string;
  /** Drawn over the others with a heavy outline. */
  chosen?: boolean;
  /** How sure it is, 0–1: the surer, the heavier its outline. */
  sure?: number;
}

/** A plain solid between a point of the body and the floor, or the furniture of a test. */
export interface SceneProp {
  kind: 'block' | 'bolster' | 'blanket' | 'table' | 'wall' | 'strap' | 'chair';
  /** Point of the body it holds up or touches. */
  at: string;
  /** For straps: the hand it ends in. */
  to?: string;
  /** Another point on the same piece. */
  also?: string;
  /** For walls: where it stands. */
  side?: 'behind' | 'ahead' | 'beside';
}

/** An angle to be shown: a thin arc with its number. */
export interface AngleMark {
  vertex: string;
  /** Point of the body that the moved side points at, or its direction in the world. */
  toward: string | Vec3;
  /** World direction, or the segment whose own length continues straight on. */
  zero: Vec3 | { along: FrameName };
  label: string;
}

/** What is shown of the body: skin in cloth, muscles on bones, or bones alone. */
export type Shown = 'skin' | 'muscles' | 'bones';

/** How finely: while it moves, the size of a thumb, of a card, or half a screen. */
export type Detail = 'moving' | 'small' | 'medium' | 'large';

export interface Scene {
  posture: Posture;
  angle?: AngleMark;
  /** More angles, each with its own arc. */
  angles?: readonly AngleMark[];
  /** The student's build; the model's own without it. */
  build?: Build;
  reach?: Partial<Record<Side, Reach>>;
  props?: readonly SceneProp[];
  tints?: readonly Tint[];
  view: View;
  /** Muscles on bones where there are tints, else skin, unless told. */
  shown?: Shown;
  /** False leaves out mat, shadows and props: a second body drawn over another. */
  ground?: boolean;
  /** Half the width shown, metres, where only a part is: the pen is finer by as much. */
  zoom?: number;
}

/** What a path is: the component and the paper know its colours. Strokes have a width in metres, fills none. */
export type Role =
  | 'mat'
  | 'shadow'
  | 'prop'
  | 'prop-side'
  | 'prop-edge'
  | 'prop-outline'
  | 'wall'
  | 'strap'
  | 'flesh'
  | 'flesh-far'
  | 'top'
  | 'shorts'
  | 'hair'
  | 'bone'
  | 'rib'
  | 'muscle'
  | 'muscle-far'
  | 'fibre'
  | 'ink'
  | 'ink-far'
  | 'ink-thin'
  | 'ink-ghost'
  | 'line'
  | 'line-far'
  | 'line-thin';

/** Something to paint, in order; `path` in tenths of a millimetre. */
export interface Paint {
  role: Role;
  path: string;
  /** Colour of a muscle. */
  fill?: string;
  /** Width of a stroke where the role has one of its own kind, metres. */
  width?: number;
  /** For muscles: whose they are, so that they can be pointed at. */
  structure?: string;
  side?: Side;
  chosen?: boolean;
}

/** Bounds in metres on paper. */
export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

export interface Drawing {
  paints: Paint[];
  box: Box;
  points: Record<string, { x: number; y: number; depth: number }>;
  angles: { arc: string; zero: string; label: string; at: { x: number; y: number } }[];
}
