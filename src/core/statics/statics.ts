import type { Build } from '@/core/body';
import { BalanceWriter, type Posed, type StaticsOptions } from './balance';
import { dualNewton } from './dual-newton';
import { readLoads, type Loads } from './loads';

/** Weight of the equations; what is left of them is a millionth of their prices. */
const EXACT = 5e8;

/**
 * Static equilibrium of one student's body. Keeps the muscle model of the build; not to be shared by interleaving
 * callers.
 */
export class Statics {
  private readonly writer: BalanceWriter;

  constructor(readonly build: Build) {
    this.writer = new BalanceWriter(build);
  }

  /** Loads of a posture in this body. */
  solve(posed: Posed, options: StaticsOptions = {}): Loads {
    const balance = this.writer.write(posed, options);
    const program = { columns: balance.columns, b: balance.b, w: EXACT };
    // A start for other actions has other equations.
    const start = options.start?.length === balance.b.length ? options.start : undefined;
    let solved = dualNewton(program, start);
    // A start from too unlike a body can leave the method on a kink: then it begins from nothing.
    if (start && !solved.converged) solved = dualNewton(program);
    return readLoads(balance, solved);
  }
}
