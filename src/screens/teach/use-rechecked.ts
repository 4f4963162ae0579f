import { useMemo } from 'react';
import type { Screening } from '@/core/cautions/screen';
import type { Practice } from '@/core/practice/practice';
import { recheck, type Rechecked } from '@/core/practice/recheck';
import type { RankedPose } from '@/core/ranking/rank';
import type { Student } from '@/core/students/student';

/**
 * A practice as it may be taught today, with what was changed for it. Null while what stands in for something closed is
 * still worked out.
 * @param failed true where the ranking will not come: then what is closed is left out
 */
export function useRechecked(
  practice: Practice,
  student: Pick<Student, 'breathSeconds'>,
  screening: Screening,
  ranked: readonly RankedPose[] | null,
  failed: boolean,
): { practice: Practice; changes: Rechecked[] } | null {
  const { breathSeconds } = student;
  // A screening is made anew with each drawing; what it says changes seldom.
  const said = JSON.stringify(screening);
  return useMemo(() => {
    const now = JSON.parse(said) as Screening;
    const checked = recheck(practice.items, now, ranked, practice.aims, breathSeconds);
    if (checked.changes.length === 0) return { practice, changes: [] };
    if (!ranked && !failed && checked.changes.some((c) => c.kind === 'closed')) return null;
    return { practice: { ...practice, items: checked.items }, changes: checked.changes };
  }, [practice, said, ranked, failed, breathSeconds]);
}
