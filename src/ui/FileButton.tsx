'use client';

import { useRef } from 'react';
import { Button } from './Button';

interface Props {
  readonly says: string;
  /** What the device offers to choose from, as browsers name it. */
  readonly accept: string;
  readonly onFile: (file: File | undefined) => void;
}

/** A button that asks the device for one file. */
export function FileButton({ says, accept, onFile }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button onClick={() => input.current?.click()}>{says}</Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={says}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          onFile(file);
        }}
      />
    </>
  );
}
