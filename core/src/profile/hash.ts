import { sha256 } from '@noble/hashes/sha2';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils';
import canonicalize from 'canonicalize';

/** SHA-256 (hex) of a document's canonical JSON (RFC 8785): the same content has the same hash, whatever its order. */
export function contentHash(document: unknown): string {
  return bytesToHex(sha256(utf8ToBytes(canonicalize(document) ?? 'null')));
}
