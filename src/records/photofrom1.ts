import type { Raw } from './read';

const inline = /^data:image\/jpeg;base64,([A-Za-z0-9+/=]+)$/;
const longest = 1_500_000;

const dataOf = ({ picture }: Raw): string | undefined =>
  typeof picture === 'string' && picture.length <= longest ? inline.exec(picture)?.[1] : undefined;

/** Until version 2 the picture stood in the record, as a data URL; now it lies beside it. */
export function photoFrom1(old: Raw): Raw | undefined {
  const photo = { ...old };
  delete photo.picture;
  return dataOf(old) === undefined ? undefined : photo;
}

/** The picture that stood in a photo of version 1: the bytes of a JPEG; undefined for any other record. */
export function pictureFrom1(raw: unknown): Uint8Array<ArrayBuffer> | undefined {
  if (typeof raw !== 'object' || raw === null || (raw as Raw).kind !== 'photo') return undefined;
  const data = dataOf(raw as Raw);
  if (data === undefined) return undefined;
  try {
    return Uint8Array.from(atob(data), (letter) => letter.charCodeAt(0));
  } catch {
    return undefined;
  }
}
