import type { Tolerance } from '../../src/testing/differences';

/**
 * What is made piece by piece (a rung of the library, some made-up students), so that only what changed is made again.
 */
export interface Pieces {
  /** Key of each piece → what it is made of beside code and data of the node, as text. */
  keys(): Readonly<Record<string, string>>;
  make(key: string): unknown | Promise<unknown>;
  /** Pieces as they are kept in the files of the node; none where they cannot be read back from there. */
  kept(): Readonly<Record<string, unknown>>;
}

/**
 * How something derived is made: what a file of `nodes/` exports. Run in a process of its own, after all that it comes
 * after.
 */
export interface Maker {
  pieces?: Pieces;
  /**
   * Text of each file the node writes, by path from the root; it is formatted afterwards.
   * @param pieces every piece by its key; empty without pieces
   * @param version fingerprint of what it is made with, for files that say so themselves
   */
  files(pieces: Readonly<Record<string, unknown>>, version: string): Promise<Readonly<Record<string, string>>>;
}

/** A node of the graph. */
export interface Node {
  id: string;
  what: string;
  /** Path of the module that exports its `maker`. */
  module: string;
  /** Module whose code counts as what it is made with, where it is not `module`. */
  code?: string;
  files: readonly string[];
  /** Nodes whose files this one reads. */
  after: readonly string[];
  /** How far another machine may be off. */
  tolerance: Tolerance;
  /** Takes minutes: `--check` only asks whether it is stale, unless `--full`. */
  long?: boolean;
  /** A test makes it again in every run: `--check` only asks whether it is stale, unless `--full`. */
  tested?: boolean;
}
