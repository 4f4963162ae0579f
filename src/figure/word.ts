import { TYPICAL_BUILD } from '@/core/body';
import type { Detail, Scene } from './scene';

/** A scene as a word: equal scenes have equal ones. Angles to a thousandth of a radian, views to half a degree. */
export function wordOf(scene: Scene, detail: Detail): string {
  const { posture, view, build, label, ...rest } = scene as Scene & { label?: unknown };
  void label;
  return JSON.stringify([
    detail,
    Array.from(posture, (v) => Math.round(v * 1000)),
    Math.round(view.yaw * 2),
    Math.round(view.pitch * 2),
    build ?? TYPICAL_BUILD,
    rest,
  ]);
}
