'use client';
import { useEffect, useState } from 'react';
import type { YogaClass } from '@/core/classes/class';
import type { Little } from '@/core/classes/help';
import { requestOf } from '@/core/practice/request';
import { newId } from '@/store/studio';
import type { ClassPerson } from '@/workers/core.worker';
import { core } from '@/workers/use-core';
import type { ClassWay } from './use-class';

/**
 * Who gets little from the practice of a class, and what would help; empty while it is worked out.
 * @param ready true once its table stands: that comes first
 */
export function useClassHelp(one: YogaClass, people: readonly ClassPerson[], way: ClassWay, ready: boolean): Little[] {
  const [found, setFound] = useState<{ of: unknown; little: Little[] } | null>(null);
  const { items, request, theme } = one;
  useEffect(() => {
    if (!ready || items.length === 0) return;
    let current = true;
    const practice = { items, request: request ?? requestOf({ minutes: 60 }), theme };
    void core()
      .classHelp([...people], way.when, way.settings, practice, newId())
      .then((little) => current && setFound({ of: items, little }));
    return () => {
      current = false;
    };
  }, [items, request, theme, people, way, ready]);
  return found?.of === items ? found.little : [];
}
