import { pictures } from '@/figure/pictures';
import { wordOf } from '@/figure/word';
import type { Drawing } from '@/figure/scene';
import type { Wish } from '@/home/with-pictures';

/** Draws what is wished for beside the page, one after another; rejects where one of them cannot be drawn. */
export const drawnAll = (wishes: readonly Wish[]): Promise<(readonly [Wish, Drawing])[]> =>
  Promise.all(
    wishes.map(
      (w) =>
        new Promise<readonly [Wish, Drawing]>((resolve, reject) => {
          pictures.ask(wordOf(w.scene, w.detail), w.scene, w.detail, (drawing) =>
            drawing ? resolve([w, drawing]) : reject(new Error('A picture could not be drawn.')),
          );
        }),
    ),
  );
