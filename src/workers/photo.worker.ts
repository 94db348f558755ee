import * as Comlink from 'comlink';
import { refuse, type Outcome } from '@/core/refusal';

export interface SmallPhoto {
  /** A JPEG. */
  readonly picture: Blob;
  readonly width: number;
  readonly height: number;
}

/** px along the longer side, and how large the data may be. */
const side = 1280;
const most = 900_000;

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
      const picture = await canvas.convertToBlob({ type: 'image/jpeg', quality });
      if (picture.size <= most) return { picture, width, height };
    }
    return refuse('too-large', 'This photo cannot be made small enough to keep.');
  },
};

export type PhotoWorker = typeof api;

Comlink.expose(api);
