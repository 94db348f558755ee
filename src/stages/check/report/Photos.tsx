'use client';

import { useRef, type MouseEvent } from 'react';
import type { Photo } from '@/records';
import { useRecords, useStore } from '@/store/hooks';
import { entryWords, typeWords } from '@/words/entry';
import { liveEntries } from '@/facts/job';
import { Button } from '@/ui/Button';
import { CommitField, SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { usePhotoIn } from '@/ui/job/photoin';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { Picture } from '@/ui/Picture';
import { useUnits } from '@/ui/units';
import { zoneWords } from '@/words/inspection';

/** Photos of a job, made small in a worker, with marks set on them by a tap. */
export function Photos() {
  const { view } = useJob();
  const units = useUnits();
  const photos = useRecords('photo')
    .filter(({ jobId }) => jobId === view.job.id)
    .sort((a, b) => a.at.localeCompare(b.at));
  const input = useRef<HTMLInputElement>(null);
  const { add: takeIn, busy, refused } = usePhotoIn(view.job.id);
  // What a photo is usually of: a defect, a change, a card, a coat; the youngest first.
  const entries = liveEntries(view.job)
    .filter(({ type }) => ['defect', 'action', 'card', 'coat-end', 'note', 'look'].includes(type))
    .slice(-30)
    .reverse()
    .map((entry) => ({
      id: entry.id,
      said: `${typeWords[entry.type]}: ${entryWords(entry, view.job, units)}`.slice(0, 90),
    }));
  const add = async (files: readonly File[]) => {
    await takeIn(files);
    if (input.current) input.current.value = '';
  };
  return (
    <Panel
      title="Photos"
      place="photos"
      tools={
        <Button onClick={() => input.current?.click()} disabled={busy > 0}>
          {busy > 0 ? 'Making it small' : 'Add a photo'}
        </Button>
      }
    >
      <input
        ref={input}
        type="file"
        accept="image/*"
        multiple
        aria-label="Photo"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => void add([...(event.target.files ?? [])])}
      />
      {refused && <Notice tone="stop">{refused}</Notice>}
      {photos.length === 0 && (
        <p className="text-sm text-ink-soft">
          None yet. They stay on this device and travel in the job’s file; a tap on one marks a place.
        </p>
      )}
      <ul className="grid gap-4 sm:grid-cols-2" data-photos>
        {photos.map((photo) => (
          <PhotoCard key={photo.id} photo={photo} entries={entries} />
        ))}
      </ul>
    </Panel>
  );
}

interface CardProps {
  readonly photo: Photo;
  readonly entries: readonly { readonly id: string; readonly said: string }[];
}

function PhotoCard({ photo, entries }: CardProps) {
  const { faces } = useJob().view.job.part;
  const store = useStore();
  const put = (said: Partial<Photo>, label: string) => store.put({ ...photo, ...said }, label);
  const mark = (event: MouseEvent<HTMLButtonElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    // A key press has no place: the middle, to be said in words.
    const at =
      event.detail === 0
        ? [0.5, 0.5]
        : [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height];
    const [x = 0.5, y = 0.5] = at.map((share) => Math.min(Math.max(share, 0), 1));
    put({ marks: [...photo.marks, { x, y, text: '' }].slice(0, 40) }, 'mark');
  };
  return (
    <li>
      <button
        type="button"
        aria-label={`Mark a place on ${photo.name || 'the photo'}`}
        onClick={mark}
        className="relative block w-full cursor-crosshair border border-hairline"
      >
        <Picture
          id={photo.id}
          alt={photo.name || 'Photo of the work'}
          width={photo.width}
          height={photo.height}
        />
        {photo.marks.map(({ x, y }, i) => (
          <span
            key={i}
            aria-hidden
            className="absolute flex size-7 -translate-1/2 items-center justify-center rounded-full border-2 border-stop bg-sheet text-sm font-bold text-stop"
            style={{ left: `${x * 100}%`, top: `${y * 100}%` }}
          >
            {i + 1}
          </span>
        ))}
      </button>
      <div className="mt-2 space-y-2">
        <SelectField
          label="Belongs to"
          value={photo.entryId ?? ''}
          onChange={(event) => put({ entryId: event.target.value || undefined }, 'photo placed')}
          options={[
            { value: '', label: 'The job as a whole' },
            ...entries.map(({ id, said }) => ({ value: id, label: said })),
          ]}
        />
        {photo.zone && (
          <p className="text-sm">
            {faces.find(({ id }) => id === photo.faceId)?.name}, {zoneWords[photo.zone]}
          </p>
        )}
        <CommitField
          label="What it shows"
          value={photo.name}
          onCommit={(name) => put({ name }, 'photo named')}
        />
        {photo.marks.map(({ text }, i) => (
          <div key={i} className="grid grid-cols-[minmax(0,1fr)_auto] items-end gap-2">
            <CommitField
              label={`Mark ${i + 1}`}
              value={text}
              onCommit={(said) =>
                put(
                  { marks: photo.marks.map((each, k) => (k === i ? { ...each, text: said } : each)) },
                  'mark named',
                )
              }
            />
            <Button onClick={() => put({ marks: photo.marks.filter((_, k) => k !== i) }, 'mark removed')}>
              Remove mark
            </Button>
          </div>
        ))}
        <Button onClick={() => store.remove(`photo/${photo.id}`, 'photo removed')}>Remove photo</Button>
      </div>
    </li>
  );
}
