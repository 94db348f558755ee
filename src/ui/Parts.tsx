'use client';

import { Choice } from './Choice';

interface Props<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly onChange: (part: T) => void;
  readonly parts: Readonly<Record<T, string>>;
}

/** The parts of a stage, one shown at a time. */
export function Parts<T extends string>({ label, value, onChange, parts }: Props<T>) {
  const options = (Object.entries(parts) as [T, string][]).map(([each, words]) => ({
    value: each,
    label: words,
  }));
  return <Choice label={label} hideLabel value={value} onChange={onChange} options={options} />;
}
