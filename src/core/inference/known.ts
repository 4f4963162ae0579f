import type { StrandModel } from '@/core/body';
import type { Draws } from './hamiltonian-sampler';
import type { Compared, Term } from './likelihood';

/** What is known of a person once her readings are inferred: what findings, next tests and questions are made of. */
export interface Known {
  /** Tolerances that go with her readings. */
  draws: Draws;
  /** Her readings, each with its stop table. */
  terms: readonly Term[];
  person: Compared;
  model: StrandModel;
}
