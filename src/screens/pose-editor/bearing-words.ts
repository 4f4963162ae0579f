import { pointsWords, pointWords } from '@/core/pose-editor/words';
import { realName } from '@/core/poses';
import type { OwnShape } from '@/core/poses/schema';

/** A landmark as it is called on the right, from its name on the worked or the other side. */
export const landmarkWords = (name: string): string => pointWords(realName(name, 'right'));

/** What bears: of a side, or of both alike in a shape without sides. */
export const bearingWords = ({ sided }: Pick<OwnShape, 'sided'>, name: string): string =>
  sided ? landmarkWords(name) : pointsWords(realName(name, 'right'));
