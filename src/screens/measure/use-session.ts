'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import type { SideOrder } from '@/core/assessment/queue';
import { changeSession, newSession } from '@/store/changes';
import type { MeasureSession } from '@/store/studio';
import { useStudio } from '../shell/studio-context';

/** Memo that holds which side a teacher reads first. */
export const SIDE_ORDER = 'school/side-order';

export interface Session {
  /** Null until it has been looked up. */
  session: MeasureSession | null;
  sideOrder: SideOrder;
  change: (part: Partial<Omit<MeasureSession, 'student'>>) => void;
}

/** The measuring of a student as it is written down: survives reload, crash and a closed lid. */
export function useSession(student: string): Session {
  const { db } = useStudio();
  const found = useLiveQuery(async () => {
    const [session, order] = await Promise.all([db.sessions.get(student), db.memos.get(SIDE_ORDER)]);
    return { student, session, order: order?.value };
  }, [db, student]);
  const known = found?.student === student ? found : null;
  return {
    session: known ? (known.session ?? newSession(student)) : null,
    sideOrder: known?.order === 'left' || known?.order === 'tighter' ? known.order : 'right',
    change: (part) => {
      changeSession(db, student, part).catch(() => undefined);
    },
  };
}
