const KINDS = { jpg: 'image/jpeg', png: 'image/png' } as const;
/** Bytes that are turned into text at once: more would be too many arguments. */
const CHUNK = 0x8000;

/** A picture as a file of its own. */
export interface PhotoFile {
  readonly ending: keyof typeof KINDS;
  readonly bytes: Uint8Array<ArrayBuffer>;
}

/** A data URL as a file; undefined where it is no JPEG or PNG. */
export function photoFile(picture: string): PhotoFile | undefined {
  const [, kind, text] = /^data:image\/(jpeg|png);base64,([A-Za-z0-9+/=]*)$/.exec(picture) ?? [];
  if (kind === undefined || text === undefined) return undefined;
  try {
    const bytes = Uint8Array.from(atob(text), (sign) => sign.charCodeAt(0));
    return { ending: kind === 'png' ? 'png' : 'jpg', bytes };
  } catch {
    return undefined;
  }
}

/** A file of a picture as a data URL; undefined where its ending says no picture. */
export function photoUrl(name: string, bytes: Uint8Array): string | undefined {
  const kind = /\.(jpg|png)$/.exec(name)?.[1];
  if (kind !== 'jpg' && kind !== 'png') return undefined;
  let text = '';
  for (let at = 0; at < bytes.length; at += CHUNK)
    text += String.fromCharCode(...bytes.subarray(at, at + CHUNK));
  return `data:${KINDS[kind]};base64,${btoa(text)}`;
}
