'use client';

import { linkedFilm } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import { sheetAsMixed } from '@/facts/job';
import type { Coating } from '@/records';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { useUnits } from '@/ui/units';

interface Props {
  readonly sheet: Pick<Coating, 'film' | 'wetFilm' | 'components' | 'ratioBy'>;
  readonly onTake: (what: 'wet' | 'dry', value: number) => void;
}

/** What wet aim, dry aim and the solids of the mix say of each other, while they are typed. */
export function FilmLink({ sheet, onTake }: Props) {
  const units = useUnits();
  const mixed = sheetAsMixed(sheet);
  const solids = isRefusal(mixed) || mixed.volumeSolids <= 0 ? undefined : mixed.volumeSolids;
  const linked = linkedFilm({ wet: sheet.wetFilm?.aim, dry: sheet.film.aim, solids });
  if (linked.kind === 'third' && linked.what !== 'solids') {
    const { what, value } = linked;
    return (
      <p className="flex flex-wrap items-center gap-3 text-sm text-ink-soft" data-film-link="third">
        {units.show('share', solids)} solids and the other film give {units.show('film', value)} {what}.
        <Button onClick={() => onTake(what, value)}>Take it</Button>
      </p>
    );
  }
  if (linked.kind !== 'conflict') return null;
  return (
    <div data-film-link="conflict">
      <Notice tone="care">
        {units.show('film', sheet.wetFilm?.aim)} wet at {units.show('share', solids)} solids leave{' '}
        {units.show('film', linked.dry)} dry, not {units.show('film', sheet.film.aim)}. One of the three is
        not as on the paper.
      </Notice>
    </div>
  );
}
