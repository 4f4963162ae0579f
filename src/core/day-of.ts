/** A moment with the day that it was where it was noted; rows of before days were kept have the moment alone. */
type Dated = { day?: string } & ({ takenAt: string } | { startedAt: string });

/**
 * The day, `YYYY-MM-DD`, on which a reading was taken or a lesson taught: that of the wall clock where it was, wherever
 * it is looked at. Of rows that keep none it is the day in Greenwich, as it was then.
 */
export const dayOf = (row: Dated): string => row.day ?? ('takenAt' in row ? row.takenAt : row.startedAt).slice(0, 10);
