'use client';
import { useState } from 'react';
import { NO_FILTER, type PoseFilter } from './pose-filter';

/** What is open, compared and filtered in a list of poses. */
export function usePoseView() {
  const [filter, setFilter] = useState<PoseFilter>(NO_FILTER);
  const [open, setOpen] = useState<string | null>(null);
  const [compared, setCompared] = useState<readonly string[]>([]);
  const [comparing, setComparing] = useState(false);
  return {
    filter,
    setFilter,
    open,
    /** Opens one pose and leaves the comparison. */
    openPose: (key: string) => {
      setOpen(key);
      setComparing(false);
    },
    /** Back to what is open by itself. */
    closePose: () => setOpen(null),
    compared,
    toggleCompared: (key: string) =>
      setCompared((list) => (list.includes(key) ? list.filter((k) => k !== key) : [...list, key])),
    comparing: comparing && compared.length > 1,
    setComparing,
  };
}
