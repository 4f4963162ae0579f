import { expose } from 'comlink';
import { draw } from './draw';
import type { Detail, Scene } from './scene';

/** Draws scenes beside the page, so that a list of figures never holds it up. */
const door = { draw: (scene: Scene, detail: Detail) => draw(scene, detail) };
export type PicturesDoor = typeof door;
expose(door);
