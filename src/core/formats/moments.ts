/** Which days and moments a file can speak of: none before anybody kept such notes, none after it was written. */

/** Earliest day that a note may carry. Ours: before any of this was written down on a computer. */
const EARLIEST = '1990-01-01';
/** Latest day of anything, also of what lies ahead. */
const LAST = '2100-01-01';
/** Clocks of two machines, and of two zones, may differ by so much. */
const SLACK_MS = 36 * 3600 * 1000;
/** Plans reach so far ahead of the day of a file. */
const AHEAD_MS = 3 * 366 * 24 * 3600 * 1000;

/** What is wrong with a moment or day, judged from when the file was written. */
export class Moments {
  private readonly written: number;

  /** @param exportedAt ISO 8601 moment at which the file was written */
  constructor(exportedAt: string) {
    this.written = Math.min(Date.parse(exportedAt), Date.parse(LAST));
  }

  /** Why something that has happened cannot have happened then; null where it can. */
  past(moment: string): string | null {
    if (moment < EARLIEST)
      return say('{{moment}} is before anybody could have written this: check the year.', {
        moment: moment.slice(0, 10),
      });
    return Date.parse(moment) > this.written + SLACK_MS
      ? say('{{moment}} is after the day on which this file was written.', { moment: moment.slice(0, 10) })
      : null;
  }

  /** Why something that is planned cannot be for that day; null where it can. */
  ahead(day: string): string | null {
    if (day < EARLIEST) return say('{{day}} is long past: check the year.', { day });
    return Date.parse(day) > this.written + AHEAD_MS ? say('{{day}} is too far ahead to be planned.', { day }) : null;
  }

  /** Why the wall clock's day cannot be that of a moment, wherever on earth that was; null where it can. */
  static wallClock(day: string | undefined, moment: string): string | null {
    if (day === undefined) return null;
    // The clocks of the earth are 26 hours apart at most.
    const apart = Math.abs(Date.parse(`${day}T12:00:00Z`) - Date.parse(moment));
    return apart > SLACK_MS
      ? say('{{day}} was nowhere the day of {{moment}}.', { day, moment: moment.slice(0, 10) })
      : null;
  }

  /** Why a file cannot have been written then; null where it can. */
  static file(exportedAt: string): string | null {
    return exportedAt < EARLIEST || exportedAt > LAST
      ? say('No file was written on {{exportedAt}}: check the year.', { exportedAt: exportedAt.slice(0, 10) })
      : null;
  }
}
import { say } from '@/core/languages/spoken';
