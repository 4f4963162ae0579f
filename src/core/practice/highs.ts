import loadHighs, { type Highs } from 'highs';
import type { Program } from './program';

/**
 * A fresh solver: three megabytes that nothing but building asks for. What one has solved before can turn a tie the
 * other way; the same request must give the same practice, so that each build gets its own (some fifty milliseconds).
 */
export const solver = (): Promise<Highs> => loadHighs();

export interface Solved {
  /** `none`: nothing satisfies all rows. */
  status: 'optimal' | 'limited' | 'none';
  x: Float64Array;
  rowDual: Float64Array;
  objective: number;
  /** No solution of this program is better. */
  bound: number;
}

/**
 * Gap at which a search is good enough, and the nodes after which it gives up; no clock, so that the same input gives
 * the same.
 */
const GAP = 0.006;
const MOST_NODES = 1500;
/** The same where a choice is known already and it is asked how much better any could be. */
const MOST_NODES_MORE = 20;
/** Cuts that are kept in hand: with ten thousand, as is usual, looking for them takes longer than they spare. */
const CUTS = 500;

/** How a program is solved. */
export interface How {
  /** Without whole numbers. */
  relaxed?: boolean;
  /**
   * Columns of a choice that is known, with their values: the search is for something better, and for how much better
   * any could be.
   */
  known?: readonly (readonly [column: number, value: number])[];
}

/** Solves a program, or its relaxation without whole numbers. Always gives its memory back. */
export function solve(highs: Highs, program: Program, { relaxed = false, known }: How = {}): Solved {
  const { constants } = highs;
  const model = highs.createModel(program.data(relaxed, constants.objectiveSense.maximize, highs.infinity));
  try {
    model.options.set('output_flag', false);
    if (!relaxed) {
      model.options.set('mip_rel_gap', GAP);
      model.options.set('mip_max_nodes', known ? MOST_NODES_MORE : MOST_NODES);
      model.options.set('mip_pool_soft_limit', CUTS);
      // These programs are small, and their rows are what cuts are made of.
      model.options.set('presolve', 'off');
      model.options.set('mip_allow_restart', false);
      model.options.set('mip_heuristic_run_rens', false);
      model.options.set('mip_heuristic_run_rins', false);
      if (known) {
        model.options.set('mip_heuristic_run_root_reduced_cost', false);
        model.setSolution({ indices: known.map(([j]) => j), values: known.map(([, v]) => v) });
      }
    }
    model.run();
    const status = model.getModelStatus();
    const done = status === constants.modelStatus.optimal;
    if (!done && Number(model.info.get('primal_solution_status')) !== 2)
      return {
        status: 'none',
        x: new Float64Array(),
        rowDual: new Float64Array(),
        objective: -Infinity,
        bound: -Infinity,
      };
    const solution = model.getSolution();
    const objective = model.getObjectiveValue();
    return {
      status: done ? 'optimal' : 'limited',
      x: Float64Array.from(solution.colValue),
      rowDual: Float64Array.from(solution.rowDual),
      objective,
      bound: relaxed ? objective : Math.max(objective, Number(model.info.get('mip_dual_bound'))),
    };
  } finally {
    model.dispose();
  }
}
