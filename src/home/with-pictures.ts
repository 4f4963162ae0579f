import type { Build } from '@/core/body';
import type { HomeFile, HomePicture } from '@/core/home/home-file';
import type { MadeHome } from '@/core/home/make-home';
import type { Detail, Drawing, Scene } from '@/figure/scene';
import { MOST_BYTES } from './html';
import { pictureText, sceneOf } from './picture-text';

/** Bytes that pictures may take: the rest is the player, its style and the words. */
const FOR_PICTURES = MOST_BYTES - 90_000;
/** Bytes of a picture at most, the size of a phone's page and of a thumb. */
const BYTES = { medium: 16_500, small: 6_500 } as const;

/** A picture with how finely it is drawn. */
export interface Wish {
  picture: HomePicture;
  scene: Scene;
  detail: Detail;
}

/** What is to be drawn. Where not all can be large, those are thumbs that only show when something is too hard. */
export function wishesOf({ file, pictures }: MadeHome, build: Build): Wish[] {
  const chief = new Set(file.practices.flatMap((p) => p.items.map((i) => i.picture.replace('~', ''))));
  const inOrder = [...pictures].sort((a, b) => Number(chief.has(b.key)) - Number(chief.has(a.key)));
  let left = FOR_PICTURES - inOrder.length * BYTES.small;
  return inOrder.flatMap((picture): Wish[] => {
    const scene = sceneOf(picture, build);
    if (!scene) return [];
    const large = left >= BYTES.medium - BYTES.small;
    if (large) left -= BYTES.medium - BYTES.small;
    return [{ picture, scene, detail: large ? 'medium' : 'small' }];
  });
}

/** The file with its pictures. */
export function filled(made: MadeHome, drawn: readonly (readonly [Wish, Pick<Drawing, 'paints' | 'box'>])[]): HomeFile {
  return {
    ...made.file,
    pictures: Object.fromEntries(drawn.map(([{ picture }, drawing]) => [picture.key, pictureText(drawing)])),
  };
}

/** The same at once, for where nothing else waits. */
export const withPictures = (
  made: MadeHome,
  build: Build,
  draw: (scene: Scene, detail: Detail) => Pick<Drawing, 'paints' | 'box'>,
): HomeFile =>
  filled(
    made,
    wishesOf(made, build).map((w) => [w, draw(w.scene, w.detail)] as const),
  );
