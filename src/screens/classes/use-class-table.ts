'use client';
import { useEffect, useState } from 'react';
import type { YogaClass } from '@/core/classes/class';
import type { TableRow } from '@/core/classes/table';
import type { Dose } from '@/core/practice/doses';
import { requestOf } from '@/core/practice/request';
import type { ClassPerson } from '@/workers/core.worker';
import { core } from '@/workers/use-core';
import type { ClassWay } from './use-class';

export interface Table {
  rows: TableRow[];
  doses: { member: string; doses: Dose[] }[];
}

/**
 * What each one does in the practice of a class and gets from it; null while it is worked out.
 * @param ready false while students are still being read
 */
export function useClassTable(
  one: YogaClass,
  people: readonly ClassPerson[],
  way: ClassWay,
  ready: boolean,
): Table | null {
  const [found, setFound] = useState<{ of: unknown; table: Table } | null>(null);
  const { items, request } = one;
  useEffect(() => {
    if (!ready || items.length === 0) return;
    let current = true;
    void core()
      .classTable([...people], way.when, way.settings, items, request ?? requestOf({ minutes: 60 }))
      .then((table) => current && setFound({ of: items, table }));
    return () => {
      current = false;
    };
  }, [items, request, people, way, ready]);
  // A table of other items would tell rungs of shapes that are not there.
  return found?.of === items ? found.table : null;
}
