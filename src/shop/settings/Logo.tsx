'use client';

import { useRef, useState } from 'react';
import type { Shop } from '@/records';
import { Button } from '@/ui/Button';

interface Props {
  readonly shop: Shop;
  readonly set: (said: Partial<Shop>) => void;
}

/** Pixels it is kept at: sharp at the size it is printed, and small enough to travel with every export. */
const [wide, high] = [450, 150];
/** Characters of the record’s field. */
const most = 200_000;

/** A picture made small, as PNG. */
async function small(file: File): Promise<string | undefined> {
  const image = await createImageBitmap(file).catch(() => undefined);
  if (!image) return undefined;
  const scale = Math.min(wide / image.width, high / image.height, 1);
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(Math.round(image.width * scale), 1);
  canvas.height = Math.max(Math.round(image.height * scale), 1);
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  image.close();
  return canvas.toDataURL('image/png');
}

/** The shop’s own mark, on the page its customers take home. */
export function Logo({ shop, set }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const [wrong, setWrong] = useState('');
  const take = async (file: File | undefined) => {
    if (!file) return;
    const logo = await small(file);
    if (logo === undefined) return setWrong('That is no picture this browser can read. Take a PNG or JPEG.');
    if (logo.length > most)
      return setWrong('Even made small it is too large: take one of fewer colours, without a photo in it.');
    setWrong('');
    set({ logo });
  };
  return (
    <div className="sm:col-span-2">
      <div className="mb-1 text-sm text-ink-soft">Mark of the shop</div>
      <div className="flex min-h-11 flex-wrap items-center gap-3">
        {shop.logo && (
          <img src={shop.logo} alt="Mark of the shop" className="max-h-12 bg-[var(--label-paper)] p-1" />
        )}
        <Button onClick={() => input.current?.click()}>
          {shop.logo ? 'Another picture' : 'Choose a picture'}
        </Button>
        {shop.logo && (
          <Button look="quiet" onClick={() => set({ logo: undefined })}>
            Take it away
          </Button>
        )}
        <input
          ref={input}
          type="file"
          accept="image/*"
          aria-label="Picture of the mark"
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            void take(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
        <span className="text-sm text-ink-soft">On the customer’s page</span>
      </div>
      {wrong && (
        <p role="alert" className="mt-1 text-sm text-stop">
          {wrong}
        </p>
      )}
    </div>
  );
}
