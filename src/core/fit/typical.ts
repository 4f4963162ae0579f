import type { Posterior } from '@/core/inference';
import { DIMENSIONS } from '@/core/inference/prior';

const mean = new Float32Array(DIMENSIONS);
/** Typical people: every tolerance in the middle. */
export const TYPICAL: Posterior = { mean, draws: mean, drawCount: 1 };
