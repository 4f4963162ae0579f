/** Memos that are about this machine and not about how she works. */
const OF_THIS_MACHINE: readonly string[] = ['taken-out', 'taken-out-rows', 'brought-in', 'demo-filled', 'new-student'];
/** Memos that can be worked out again: what limits each student. */
export const LIMITS = 'limits/';
/** Memos that no file takes along and none brings. */
export const ofThisMachine = (key: string): boolean => OF_THIS_MACHINE.includes(key) || key.startsWith(LIMITS);
