import { Text, View } from '@react-pdf/renderer';
import type { ComponentProps, ReactNode } from 'react';
import { beginsId, drawnId, type PartType } from './tagged-document';

/** Text that is a heading, a paragraph or a cell. */
export function Said({ as, ...rest }: ComponentProps<typeof Text> & { as: 'H1' | 'H2' | 'P' | 'TD' }) {
  return <Text id={drawnId(as)} {...rest} />;
}

/** Takes no room. */
const NOWHERE = { position: 'absolute', width: 0, height: 0 } as const;

/**
 * A part that holds others: a row of a table, a cell, an item of a list, a section; or a figure, told in words.
 */
export function Part({
  as,
  alt,
  children,
  ...rest
}: ComponentProps<typeof View> & { as: PartType; alt?: string; children?: ReactNode }) {
  return (
    <View id={drawnId(as, alt)} {...rest}>
      <View id={beginsId(as)} style={NOWHERE} />
      {children}
    </View>
  );
}
