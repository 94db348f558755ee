'use client';

import { classWords, type CoatingClass } from '@/records';
import { needsRig, type JobDraft } from '@/facts/newjob/draft';
import { offersFor, suiting } from '@/facts/newjob/offers';
import { systemOf } from '@/facts/newjob/systems';
import { usualOfClass, usualRig } from '@/facts/newjob/usual';
import { usualFitting } from '@/records';
import { ButtonLink } from '@/ui/Button';
import { Printed } from '@/ui/Printed';
import { Tiles } from '@/ui/Tiles';
import { amount } from '@/words/figures';
import { layersWords } from '@/words/newjob';
import { plural } from '@/words/line';
import { Answer } from './Answer';
import type { ScreenProps } from './conversation';
import { GunTiles } from './GunTiles';
import { ProductCloser } from './ProductCloser';
import { KnownRecipe } from './KnownRecipe';
import { SystemRows } from './SystemRows';

type Choice = `like:${string}` | `sheet:${string}` | `class:${CoatingClass}` | `system:${string}`;

interface Props extends ScreenProps {
  /** One product was chosen: its gun and its coats follow. */
  readonly onProduct: (product: Pick<JobDraft, 'coatingId' | 'class'>) => void;
}

/** Which products, with which guns: what the shop used last for this ground first. */
export function WhichSystem({ form, draft, held, ahead, onProduct }: Props) {
  const { setValue, clearErrors, formState } = form;
  const { like, system, coatingId, class: of, ground, existing } = draft;
  const offers = offersFor(ground, existing, held);
  const gunName = (id: string) => held.rigs.find((each) => each.id === id)?.name;
  const chosen: Choice | '' = like
    ? `like:${like}`
    : system
      ? `system:${system}`
      : coatingId
        ? `sheet:${coatingId}`
        : of
          ? `class:${of}`
          : '';
  const choose = (choice: Choice) => {
    const at = choice.indexOf(':');
    const [kind, id] = [choice.slice(0, at), choice.slice(at + 1)];
    const layers = systemOf(id)?.layers;
    setValue('like', kind === 'like' ? id : '');
    setValue('system', kind === 'system' ? id : '');
    setValue('coatingId', kind === 'sheet' ? id : '');
    setValue('coatingName', '');
    const own =
      kind === 'class'
        ? (id as CoatingClass)
        : kind === 'sheet'
          ? held.coatings.find((each) => each.id === id)?.class
          : kind === 'system'
            ? layers?.[0]?.of
            : held.jobs.find((each) => each.id === id)?.layers[0]?.sheet.class;
    if (own) setValue('class', own);
    // Each layer of a system with what the shop sprayed last of its kind, and the gun it used for it.
    setValue(
      'rows',
      kind === 'system'
        ? (layers ?? []).map((layer) => {
            const sheet = usualOfClass(layer.of, held.jobs, held.coatings);
            return {
              coatingId: sheet?.id ?? '',
              rigId: usualRig({ sheet, of: layer.of }, held.jobs, held.rigs)?.id ?? '',
              bore: usualFitting(layer.of).bore,
            };
          })
        : [],
    );
    if (own) onProduct({ coatingId: kind === 'sheet' ? id : '', class: own });
    clearErrors();
  };
  const one = chosen !== '' && !like && !system;
  return (
    <>
      <Tiles<Choice>
        label="What goes on?"
        value={chosen}
        groups={[
          {
            title: 'Used on this before',
            first: 3,
            tiles: offers.jobs.map((job) => ({
              value: `like:${job.id}` as const,
              label: layersWords(job),
              says: [gunName(job.layers[0]?.rigId ?? ''), `as for ${job.name}`].filter(Boolean).join(' · '),
            })),
          },
          {
            title: 'Sheets of the shop',
            first: 5,
            tiles: offers.sheets.map(({ id, name, class: kind }) => ({
              value: `sheet:${id}` as const,
              label: name,
              says: classWords(kind),
            })),
          },
          {
            title: 'No sheet yet: typical values, until its paper is read',
            first: Math.min(suiting(ground, existing), 5),
            tiles: offers.classes.map((value) => ({
              value: `class:${value}` as const,
              label: classWords(value),
            })),
          },
          {
            title: 'Ready-made systems',
            first: 2,
            tiles: offers.systems.map(({ id, name, layers }) => ({
              value: `system:${id}` as const,
              label: name,
              says: plural(layers.length, 'product'),
            })),
          },
        ]}
        onChange={choose}
        error={formState.errors.class && 'Tap what goes on it.'}
      />
      <p className="-mt-2 mb-4">
        <ButtonLink href="/sheet?then=new" look="quiet">
          Read its paper
        </ButtonLink>
      </p>
      {one && <GunTiles form={form} draft={draft} held={held} />}
      {one && <ProductCloser form={form} draft={draft} held={held} />}
      {one && <KnownRecipe draft={draft} held={held} />}
      {system !== '' && <SystemRows form={form} draft={draft} held={held} />}
      {system !== '' && needsRig(draft) && <GunTiles form={form} draft={draft} held={held} onlyNew />}
      {ahead?.litres !== undefined && (
        <Answer>
          <b className="text-2xl" data-litres>
            <Printed figure={amount('volume', ahead.litres)} />
          </b>{' '}
          of {ahead.view.work.layer.name} as mixed, for {plural(coatsOfFirst(ahead), 'coat')}, reserve and
          losses included.
        </Answer>
      )}
    </>
  );
}

const coatsOfFirst = ({ view }: NonNullable<ScreenProps['ahead']>): number => view.work.layer.coats.length;
