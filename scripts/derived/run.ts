/**
 * `npm run derived [-- [--check [--stale | --full]] [--quick] [--force] [ids…]]`: makes anew what is derived and no
 * longer fits what it was made of, in order.
 *
 * Without ids everything is looked at; with ids those and, unless `--check`, all that comes after them. `--force` makes
 * it whether it fits or not, `--quick` leaves what takes minutes for another time. `--check` writes nothing: it names
 * what is stale, makes the quick nodes again (of poses a sample; not what a test makes again) and tells what differs
 * and by how much; with `--stale` it only compares fingerprints, with `--full` all of everything is made again, also
 * what takes minutes. Exit 1 where something is stale or differs.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { fingerprintOf, hashOf } from './fingerprint';
import { downstreamOf, GRAPH } from './graph';
import { filesOf, makePieces, piecesOf, type Where } from './make';
import type { Node } from './node';
import { formatted, offBy } from './texts';

const MANIFEST = 'scripts/derived/made-from.json';
/** What each node was made from: its fingerprint, or that of each piece. */
type Manifest = Record<string, string | Record<string, string>>;
/** Of the pieces that fit, one in so many is made again in a check. */
const SAMPLE = 40;

const { values: options, positionals: ids } = parseArgs({
  allowPositionals: true,
  options: {
    check: { type: 'boolean' },
    full: { type: 'boolean' },
    force: { type: 'boolean' },
    quick: { type: 'boolean' },
    stale: { type: 'boolean' },
  },
});
const unknown = ids.filter((id) => !GRAPH.some((n) => n.id === id));
if (unknown.length > 0) {
  console.error(`There is no ${unknown.join(', ')}; there are ${GRAPH.map((n) => n.id).join(', ')}.`);
  process.exit(2);
}

/** A short check changes nothing that a later node reads, and makes little. */
const WHERE: Where = options.check && !options.full ? 'here' : 'apart';

/** What of a node is stale, and what it would be made from now. */
interface Standing {
  version: string;
  /** Fingerprint of each piece; null for a node that is made as a whole. */
  pieces: Record<string, string> | null;
  kept: Record<string, unknown>;
  stale: string[];
}

async function standingOf(node: Node, was: Manifest[string] | undefined): Promise<Standing> {
  const version = await fingerprintOf(node.code ?? node.module, node.files);
  const { keys, kept } = await piecesOf(node, WHERE);
  if (!keys) return { version, pieces: null, kept, stale: was === version ? [] : [node.id] };
  const pieces = Object.fromEntries(Object.entries(keys).map(([key, of]) => [key, hashOf(version + of)]));
  const before = typeof was === 'object' ? was : {};
  return { version, pieces, kept, stale: Object.keys(pieces).filter((key) => before[key] !== pieces[key]) };
}

/** The node's files, with these pieces made again and the others as they are kept. */
async function made(node: Node, standing: Standing, again: readonly string[]): Promise<Record<string, string>> {
  const pieces = standing.pieces ? { ...standing.kept, ...(await makePieces(node, again, WHERE)) } : {};
  const files = await filesOf(node, pieces, standing.version, WHERE);
  return Object.fromEntries(
    await Promise.all(Object.entries(files).map(async ([path, text]) => [path, await formatted(path, text)] as const)),
  );
}

const few = (keys: readonly string[]) =>
  keys.length > 5 ? `${keys.slice(0, 5).join(', ')} and ${keys.length - 5} more` : keys.join(', ');
const seconds = (since: number) => `${((performance.now() - since) / 1000).toFixed(1)} s`;

/** Pieces that must be made at once because they are kept nowhere. */
const whole = (s: Standing): boolean => s.pieces !== null && Object.keys(s.kept).length === 0;

async function check(node: Node, was: Manifest[string] | undefined): Promise<boolean> {
  const start = performance.now();
  const standing = await standingOf(node, was);
  const { pieces, stale } = standing;
  const says = stale.length > 0 ? `stale (${pieces ? few(stale) : 'made with other code or data'})` : 'fits';
  if ((options.stale || (node.tested && !options.full)) && !node.long) {
    console.log(`${node.id}: ${says}`);
    return stale.length === 0;
  }
  if (node.long && !options.full) {
    // Minutes long: what it says is checked by tests on a sample; here it is only told that other code or data made it.
    console.log(
      `${node.id}: ${stale.length > 0 ? 'made with an earlier version; npm run derived renews it' : 'fits'} (not made again)`,
    );
    return true;
  }
  const all = pieces ? Object.keys(pieces) : [];
  const again = options.full || whole(standing) ? all : all.filter((key, i) => stale.includes(key) || i % SAMPLE === 7);
  const off = Object.entries(await made(node, standing, again)).flatMap(([path, text]) =>
    offBy(path, text, node.tolerance).map((line) => `    ${path}: ${line}`),
  );
  console.log(`${node.id}: ${says}${off.length > 0 ? ', differs:' : ''} (${seconds(start)})`);
  for (const line of off) console.log(line);
  return stale.length === 0 && off.length === 0;
}

async function renew(node: Node, manifest: Manifest, forced: boolean): Promise<void> {
  const start = performance.now();
  const standing = await standingOf(node, manifest[node.id]);
  const { pieces } = standing;
  const stale = forced && pieces ? Object.keys(pieces) : standing.stale;
  if (stale.length === 0 && !forced) return void console.log(`${node.id}: fits`);
  const again = whole(standing) ? Object.keys(pieces ?? {}) : stale;
  for (const [path, text] of Object.entries(await made(node, standing, again))) writeFileSync(path, text);
  manifest[node.id] = pieces ?? standing.version;
  writeFileSync(MANIFEST, await formatted(MANIFEST, JSON.stringify(manifest, null, 1)));
  console.log(`${node.id}: made anew${pieces ? ` (${few(again)})` : ''}, ${seconds(start)}`);
}

const manifest = JSON.parse(readFileSync(MANIFEST, 'utf8')) as Manifest;
// A check looks at what it is asked for; what is made anew takes along what comes after it.
const wanted = new Set(ids.length === 0 ? GRAPH.map((n) => n.id) : options.check ? ids : downstreamOf(ids));
let well = true;
for (const node of GRAPH.filter((n) => wanted.has(n.id))) {
  if (options.quick && node.long) console.log(`${node.id}: left for another time`);
  else if (options.check) well = (await check(node, manifest[node.id])) && well;
  else await renew(node, manifest, options.force === true && (ids.length === 0 || ids.includes(node.id)));
}
if (options.check)
  console.log(well ? 'Everything derived fits.' : 'Not everything derived fits: npm run derived renews it.');
process.exitCode = well ? 0 : 1;
