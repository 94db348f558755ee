import * as Comlink from 'comlink';
import { readCard, type CardPattern, type Taps } from '@/core/card';
import { refuse, type Outcome } from '@/core/refusal';
import { photographCard, type SprayedCard } from '@/standins/cardcamera';

/** A photo is read at this many pixels along its longer side: finer tells nothing more. */
const readAt = 960;

export interface ReadPhoto {
  readonly outcome: Outcome<CardPattern>;
  /** The picture as it was read, to draw over; absent for what is no picture. */
  readonly picture?: Blob;
  readonly width: number;
  readonly height: number;
}

const api = {
  /** Reads a photo of any size: it is made smaller first. */
  async read(file: Blob, taps?: Taps): Promise<ReadPhoto> {
    let image: ImageBitmap;
    try {
      image = await createImageBitmap(file);
    } catch {
      return {
        outcome: refuse(
          'no-picture',
          'This file is no picture. Choose a photo of the card: JPEG, PNG or WebP.',
        ),
        width: 0,
        height: 0,
      };
    }
    const shrink = Math.min(1, readAt / Math.max(image.width, image.height));
    const [width, height] = [Math.round(image.width * shrink), Math.round(image.height * shrink)];
    const canvas = new OffscreenCanvas(width, height);
    const context = canvas.getContext('2d', { willReadFrequently: true });
    if (!context) return { outcome: refuse('no-canvas', 'This device cannot read pictures.'), width, height };
    context.drawImage(image, 0, 0, width, height);
    image.close();
    const { data } = context.getImageData(0, 0, width, height);
    const outcome = readCard({ width, height, data }, taps);
    return {
      outcome,
      picture: await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.85 }),
      width,
      height,
    };
  },

  /** What the simulated camera sees. */
  async photograph(card: SprayedCard): Promise<Blob> {
    const { width, height, data } = photographCard(card);
    const canvas = new OffscreenCanvas(width, height);
    canvas.getContext('2d')?.putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
    return canvas.convertToBlob({ type: 'image/png' });
  },
};

export type CardWorker = typeof api;

Comlink.expose(api);
