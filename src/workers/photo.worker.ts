import * as Comlink from 'comlink';
import { refuse, type Outcome } from '@/core/refusal';

export interface SmallPhoto {
  /** A JPEG as a data URL. */
  readonly picture: string;
  readonly width: number;
  readonly height: number;
}

/** px along the longer side, and how large the data may be. */
const side = 1280;
const most = 1_200_000;

const api = {
  /** Makes a photo small enough to keep: smaller and coarser until it fits. */
  async shrink(file: Blob): Promise<Outcome<SmallPhoto>> {
    let image: ImageBitmap;
    try {
      image = await createImageBitmap(file);
    } catch {
      return refuse('no-picture', 'This file is no picture. Choose a photo: JPEG, PNG or WebP.');
    }
    for (const [share, quality] of [
      [1, 0.8],
      [0.8, 0.7],
      [0.6, 0.6],
      [0.4, 0.5],
    ] as const) {
      const shrink = Math.min(1, (side * share) / Math.max(image.width, image.height));
      const [width, height] = [
        Math.max(Math.round(image.width * shrink), 1),
        Math.max(Math.round(image.height * shrink), 1),
      ];
      const canvas = new OffscreenCanvas(width, height);
      canvas.getContext('2d')?.drawImage(image, 0, 0, width, height);
      const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality });
      const picture = `data:image/jpeg;base64,${base64(new Uint8Array(await blob.arrayBuffer()))}`;
      if (picture.length <= most) return { picture, width, height };
    }
    return refuse('too-large', 'This photo cannot be made small enough to keep.');
  },
};

function base64(bytes: Uint8Array): string {
  let text = '';
  // In pieces: a call takes only so many arguments.
  for (let i = 0; i < bytes.length; i += 8192) text += String.fromCharCode(...bytes.subarray(i, i + 8192));
  return btoa(text);
}

export type PhotoWorker = typeof api;

Comlink.expose(api);
