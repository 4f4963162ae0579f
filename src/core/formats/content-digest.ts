import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';

/**
 * SHA-256 of a file's content as compact JSON, without the digest itself, in the order in which it stands there;
 * hexadecimal.
 */
export const contentDigest = (content: object): string =>
  bytesToHex(sha256(utf8ToBytes(JSON.stringify({ ...content, digest: undefined }))));
