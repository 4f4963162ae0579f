'use client';
import { useEffect } from 'react';
import { bodySchema, PLAIN_BODY, type DrawnBody } from '@/figure/bodies';
import { useSetting } from './use-setting';

/** How the drawn body is painted in this studio. */
export const useDrawnBody = () => useSetting<DrawnBody>('figure/body', bodySchema, PLAIN_BODY);

/** Paints every drawn body of the page as the studio's teacher chose it. */
export function usePaintedBody(): void {
  const [{ skin, cloth }] = useDrawnBody();
  useEffect(() => {
    const { dataset } = document.documentElement;
    dataset.skin = skin;
    dataset.cloth = cloth;
    return () => {
      delete dataset.skin;
      delete dataset.cloth;
    };
  }, [skin, cloth]);
}
