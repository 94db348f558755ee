'use client';

import type { Job } from '@/records';
import { useStore } from '@/store/hooks';
import { canBeEtched, etchedUnlessSaid } from '@/core/system';
import { substrateOf } from '@/facts/job';
import { ButtonLink } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { SelectField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { useJob } from '@/ui/job/context';
import { GroundTaps } from '@/ui/job/GroundTaps';
import { placeKindWords } from '@/words/care';
import { existingWords, exposureWords, judgedWords, substrateWords } from '@/words/system';

const optionsOf = (words: Record<string, string>, unsaid?: string) => [
  ...(unsaid ? [{ value: '', label: unsaid }] : []),
  ...Object.entries(words).map(([value, label]) => ({ value, label })),
];

/** What the part is, what is on it, where it will stand and how it will be judged. */
export function PartFacts() {
  const { view } = useJob();
  const store = useStore();
  const { job } = view;
  const { part } = job;
  const set = (said: Partial<Job['part']>) =>
    store.put({ ...job, part: { ...part, ...said } }, 'part changed');
  return (
    <div className="mb-4 grid grid-cols-2 items-start gap-3">
      <div className="col-span-full">
        <Fold
          open={part.existing === undefined && substrateOf(part) !== 'mould'}
          title={substrateWords[substrateOf(part)]}
          says={
            part.existing === undefined
              ? 'What is on it is not said yet'
              : `${existingWords[part.existing]} on it. The preparation follows from that.`
          }
          verb="Say otherwise"
        >
          <GroundTaps />
          {canBeEtched(substrateOf(part), part.existing ?? 'bare') && (
            <Check
              label="Etched before the first coat, as its sheet asks"
              checked={part.etched ?? etchedUnlessSaid(substrateOf(part))}
              onChange={(etched) => set({ etched })}
            />
          )}
        </Fold>
      </div>
      <SelectField
        label="Where it will stand"
        value={part.exposure ?? ''}
        onChange={(event) => set({ exposure: (event.target.value || undefined) as Job['part']['exposure'] })}
        options={optionsOf(exposureWords, 'Not said')}
      />
      <SelectField
        label="Accept on"
        value={part.judgedBy ?? ''}
        onChange={(event) => set({ judgedBy: (event.target.value || undefined) as Job['part']['judgedBy'] })}
        options={optionsOf(judgedWords, 'Thickness only')}
      />
      <div className="max-sm:col-span-full">
        <SelectField
          label="Sprayed in"
          value={job.sprayedIn ?? ''}
          onChange={(event) => {
            const { sprayedIn: before, ...rest } = job;
            const sprayedIn = event.target.value as Job['sprayedIn'] | '';
            if (sprayedIn !== (before ?? ''))
              store.put({ ...rest, ...(sprayedIn ? { sprayedIn } : {}) }, 'place said');
          }}
          options={optionsOf(
            placeKindWords,
            `As the shop: ${placeKindWords[view.shop.place?.kind ?? 'booth'].toLowerCase()}${view.shop.place ? '' : ', a default'}`,
          )}
        />
      </div>
      {view.spray.coats.every(({ state }) => state === 'todo') && (
        <div className="col-span-full -my-2">
          <ButtonLink href={`/job/${job.id}/check#look`} look="quiet">
            Look it over as it came in
          </ButtonLink>
        </div>
      )}
      {part.judgedBy === 'match' && (
        <p className="col-span-full text-sm">
          Polish the neighbour first, then spray a test spot and hold it beside: a colour is matched by eye,
          not by its code.
        </p>
      )}
      {part.judgedBy === 'mirror' && (
        <p className="col-span-full text-sm">
          Plan what flatting and polishing take off: a clear in three coats, the last sanded.
        </p>
      )}
    </div>
  );
}
