import figures from './fonts/figures.ttf?url';
import signs from './fonts/signs.ttf?url';
import strong from './fonts/strong.ttf?url';
import words from './fonts/words.ttf?url';
import type { PacketFonts } from './packetPdf';

/** Bytes that are turned into text at once: more would be too many arguments. */
const CHUNK = 0x8000;

/** A font of the application as base64. */
async function fontAt(url: string): Promise<string> {
  const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
  let text = '';
  for (let at = 0; at < bytes.length; at += CHUNK)
    text += String.fromCharCode(...bytes.subarray(at, at + CHUNK));
  return btoa(text);
}

/** The fonts that the pages of a packet bear. */
export async function packetFonts(): Promise<PacketFonts> {
  const [a, b, c, d] = await Promise.all([words, strong, figures, signs].map(fontAt));
  return { words: a ?? '', strong: b ?? '', figures: c ?? '', signs: d ?? '' };
}
