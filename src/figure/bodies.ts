import { z } from 'zod';

/** How the drawn body is painted, as a teacher chose it for her studio; the colours stand in `theme/bodies.css`. */

export const SKINS = ['paper', 'light', 'tan', 'brown', 'deep'] as const;
export const CLOTHS = ['water', 'sand', 'moss', 'dusk'] as const;
export const bodySchema = z.object({ skin: z.enum(SKINS), cloth: z.enum(CLOTHS) });
export type DrawnBody = z.infer<typeof bodySchema>;

/** Paper, in the colours of the water: nobody in particular. */
export const PLAIN_BODY: DrawnBody = { skin: 'paper', cloth: 'water' };

/** Attributes of the page that the style looks at; none where nothing was chosen. */
export const bodyAttributes = ({ skin, cloth }: DrawnBody): Readonly<Record<string, string>> => ({
  ...(skin !== PLAIN_BODY.skin && { 'data-skin': skin }),
  ...(cloth !== PLAIN_BODY.cloth && { 'data-cloth': cloth }),
});
