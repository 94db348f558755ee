'use client';

import { linkedFilm } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import { sheetAsMixed } from '@/facts/job';
import type { Coating } from '@/records';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

interface Props {
  readonly sheet: Pick<Coating, 'film' | 'wetFilm' | 'components' | 'ratioBy'>;
  readonly onTake: (what: 'wet' | 'dry', value: number) => void;
}

/** What wet aim, dry aim and the solids of the mix say of each other, while they are typed. */
export function FilmLink({ sheet, onTake }: Props) {
  const mixed = sheetAsMixed(sheet);
  const solids = isRefusal(mixed) || mixed.volumeSolids <= 0 ? undefined : mixed.volumeSolids;
  const linked = linkedFilm({ wet: sheet.wetFilm?.aim, dry: sheet.film.aim, solids });
  if (linked.kind === 'third' && linked.what !== 'solids') {
    const { what, value } = linked;
    return (
      <p className="flex flex-wrap items-center gap-3 text-sm text-ink-soft" data-film-link="third">
        <Printed figure={amount('share', solids)} /> solids and the other film give{' '}
        <Printed figure={amount('film', value)} /> {what}.
        <Button onClick={() => onTake(what, value)}>Take it</Button>
      </p>
    );
  }
  if (linked.kind !== 'conflict') return null;
  return (
    <div data-film-link="conflict">
      <Notice tone="care">
        <Printed figure={amount('film', sheet.wetFilm?.aim)} /> wet at{' '}
        <Printed figure={amount('share', solids)} /> solids leave{' '}
        <Printed figure={amount('film', linked.dry)} /> dry, not{' '}
        <Printed figure={amount('film', sheet.film.aim)} />. One of the three is not as on the paper.
      </Notice>
      <div className="mt-2 flex flex-wrap gap-3">
        <Button onClick={() => onTake('dry', linked.dry)}>
          Dry is <Printed figure={amount('film', linked.dry)} />
        </Button>
        {linked.wet !== undefined && (
          <Button onClick={() => onTake('wet', linked.wet as number)}>
            Wet is <Printed figure={amount('film', linked.wet)} />
          </Button>
        )}
      </div>
    </div>
  );
}
