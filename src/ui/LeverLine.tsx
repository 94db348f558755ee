'use client';

import { Slider } from 'radix-ui';
import type { ReactNode } from 'react';

interface Span {
  readonly from: number;
  readonly to: number;
}

interface Props {
  readonly name: string;
  /** Under its name: where it is read, what is fitted. */
  readonly note?: ReactNode;
  /** SI */
  readonly value: number | undefined;
  readonly track: Span;
  readonly good?: Span | undefined;
  readonly cannot?: Span | undefined;
  /** Where that may begin. */
  readonly doubt?: Span | undefined;
  /** It answers the others. */
  readonly answers?: boolean;
  /** It follows from another and cannot be moved. */
  readonly fixed?: boolean;
  /** The value in words, as it is read out. */
  readonly says: string;
  readonly onMove: (value: number) => void;
  /** The number, to be typed, and what follows from it. */
  readonly children: ReactNode;
}

/** Steps along a line, by keys: fine enough that a gun answers none of them. */
const steps = 200;

/** A lever as a line to move along: green where gun, paint and coat allow it, hatched where the hardware cannot. */
export function LeverLine({
  name,
  note,
  value,
  track,
  good,
  cannot,
  doubt,
  answers,
  fixed,
  says,
  onMove,
  children,
}: Props) {
  const step = (track.to - track.from) / steps;
  const at = (place: number) =>
    `${Math.min(Math.max((place - track.from) / (track.to - track.from), 0), 1) * 100}%`;
  const span = ({ from, to }: Span) => ({
    left: at(from),
    width: `calc(${at(to)} - ${at(from)})`,
  });
  return (
    <div
      data-lever={name}
      className={`grid grid-cols-[minmax(0,1fr)_8.5rem] items-center gap-x-4 border-b border-hairline px-2 py-1.5 sm:grid-cols-[10rem_minmax(0,1fr)_8.5rem] ${answers ? 'bg-act-wash' : ''}`}
    >
      <div className="min-w-0 max-sm:self-end">
        <div className="font-bold">{name}</div>
        <div className="text-sm leading-tight text-ink-soft">
          {answers && <b className="font-semibold text-act">gives way </b>}
          {note}
        </div>
      </div>
      <Slider.Root
        className="relative flex h-11 touch-pan-y items-center select-none max-sm:order-last max-sm:col-span-2"
        value={[Math.min(Math.max(value ?? track.from, track.from), track.to)]}
        min={track.from}
        max={track.to}
        step={step}
        disabled={fixed === true}
        onValueChange={([moved]) => moved !== undefined && onMove(moved)}
      >
        <Slider.Track className="relative h-1.5 flex-1 bg-hairline">
          {good && (
            <span aria-hidden className="absolute inset-y-0 bg-good/60" style={span(good)} data-good />
          )}
          {cannot && cannot.to > cannot.from && (
            <span aria-hidden className="hatched absolute -inset-y-1" style={span(cannot)} data-cannot />
          )}
          {doubt && (
            <span
              aria-hidden
              className="absolute -inset-y-1.5 border-x border-care bg-care/25"
              style={span(doubt)}
              data-doubt
            />
          )}
        </Slider.Track>
        <Slider.Thumb
          aria-label={`${name}, as a line`}
          aria-valuetext={says}
          className={`relative block h-8 w-4 rounded-sm before:absolute before:-inset-x-4 before:-inset-y-2 before:content-[''] ${answers ? 'bg-good' : 'bg-act'} ${fixed ? 'opacity-50' : ''}`}
        />
      </Slider.Root>
      <div className="min-w-0">{children}</div>
    </div>
  );
}
