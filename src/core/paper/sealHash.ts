import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import canonicalize from 'canonicalize';
import type { Seal } from './sealSchema';

/** The SHA-256 of a text, in hexadecimal. */
export const digest = (text: string): string => bytesToHex(sha256(utf8ToBytes(text)));

/** A value whose texts are text: a half of a sign, which no text may hold, stands as the sign for what is none. */
const wellFormed = (value: unknown): unknown =>
  JSON.parse(JSON.stringify(value), (_key, each: unknown) =>
    typeof each === 'string' ? each.replace(/\p{Surrogate}/gu, '\ufffd') : each,
  );

/** The digest of everything in a seal but the digest itself. */
export const hashOf = ({ hash: _hash, ...rest }: Omit<Seal, 'hash'> & { readonly hash?: string }): string =>
  digest(canonicalize(wellFormed(rest)) ?? '');

/** Whether a seal still is what was sealed. */
export const isWhole = (seal: Seal): boolean => hashOf(seal) === seal.hash;

/** Photographs of a seal that are not there any more, or not the same. */
export const changedPhotos = ({ photos }: Seal, now: Readonly<Record<string, string>>): readonly string[] =>
  photos.flatMap(({ id, sha256: was }) => {
    const picture = now[id];
    return picture !== undefined && digest(picture) === was ? [] : [id];
  });
