import { BATTERY } from '@/core/assessment/battery';
import { isModelled, type ModelledReadout, type Norm } from '@/core/assessment/definition';
import file from './data/gains.json';

/** How a read-out was calibrated: what `npm run derived gains` wrote. */
export interface Calibrated {
  test: string;
  readout: string;
  sex: Norm['sex'];
  /** Degrees read for a degree of the model, about the norm's mean. */
  gain: number;
  /** Spread of readings among typical people: the norm's, and that of simulated ones with this gain. */
  normSd: number;
  predictedSd: number;
  /** Mean of simulated readings beside the norm's. */
  normMean: number;
  predictedMean: number;
  /** True where no gain within the bounds meets the norm's spread. */
  held: boolean;
}

export const CALIBRATED = file.readouts as readonly Calibrated[];

const byReadout = new Map<ModelledReadout, readonly Calibrated[]>(
  BATTERY.flatMap((t) =>
    t.readouts
      .filter(isModelled)
      .map((r) => [r, CALIBRATED.filter((c) => c.test === t.id && c.readout === r.id)] as const),
  ),
);

/** Gain of a read-out for the norm in use; 1 where it was never calibrated. */
export const gainOf = (readout: ModelledReadout, sex: Norm['sex'] = 'all'): number => {
  const own = byReadout.get(readout);
  return (own?.find((c) => c.sex === sex) ?? own?.find((c) => c.sex === 'all'))?.gain ?? 1;
};
