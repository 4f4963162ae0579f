import { OTHER_WORLDS, type OtherWorld } from '../../../demo/other-recovery';
import type { OtherWorldFile } from '../../../demo/recovery-summary';
import { table } from '../marks';

/** The table of `docs/model.md` that tells what `docs/other-world.json` holds, by the name of its mark. */
export function otherWorldTables(file: OtherWorldFile<OtherWorld>): Record<string, string> {
  const three = (v: number) => v.toFixed(3);
  return {
    'other-world': table(
      [
        'that world',
        'people',
        'limiter right',
        '… ambiguous movements',
        'usual limiter',
        'usual limiter and place',
        'stated',
        'calibration error',
        'right where 0.8 or more is stated',
      ],
      (Object.keys(OTHER_WORLDS) as OtherWorld[]).map((name) => {
        const w = file.worlds[name];
        return [
          OTHER_WORLDS[name].words,
          String(w.students),
          three(w.right),
          three(w.rightAmbiguous),
          three(w.usual),
          three(w.rule),
          three(w.stated),
          three(w.calibration),
          three(w.rightSure),
        ];
      }),
    ),
  };
}
