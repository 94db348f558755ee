'use client';

import { useEffect, useState } from 'react';
import { useStore } from '@/store/hooks';

interface Props {
  /** Of the photo. */
  readonly id: string;
  readonly alt: string;
  readonly width: number;
  readonly height: number;
}

/** A photo’s picture, fetched from the disk when it is looked at. */
export function Picture({ id, alt, width, height }: Props) {
  const store = useStore();
  const [url, setUrl] = useState<string>();
  const [missing, setMissing] = useState(false);
  useEffect(() => {
    let made: string | undefined;
    let gone = false;
    void store.picture(id).then((picture) => {
      if (gone) return;
      if (picture) setUrl((made = URL.createObjectURL(picture)));
      else setMissing(true);
    });
    return () => {
      gone = true;
      if (made) URL.revokeObjectURL(made);
    };
  }, [store, id]);
  if (!url)
    return (
      <span
        className="flex w-full items-center justify-center bg-paper text-sm text-ink-soft"
        style={{ aspectRatio: `${width} / ${height}` }}
      >
        {missing ? 'This picture is not on this device.' : 'Opening the picture'}
      </span>
    );
  return <img src={url} alt={alt} width={width} height={height} className="h-auto w-full" />;
}
