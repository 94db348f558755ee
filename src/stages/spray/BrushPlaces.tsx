'use client';

import { brushPlaces } from '@/facts/job';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { clockTime } from '@/words/clock';
import { brushed } from '@/words/work';

/** What was kept free of the gun and is coated by brush, once all coats are on. */
export function BrushPlaces() {
  const { view, tap } = useJob();
  const places = brushPlaces(view.work);
  if (places.length === 0 || view.spray.next) return null;
  const layerId = view.spray.coats.at(-1)?.coat.layerId ?? view.work.layer.id;
  return (
    <Panel title="By brush" place="brush">
      <ul className="divide-y divide-hairline border-y border-hairline" data-brush>
        {places.map((place) => (
          <li key={place.id} className="flex min-h-11 items-center justify-between gap-4 py-1.5">
            <span>
              <b>{place.name}</b> on {place.face.name.toLowerCase()}
            </span>
            {place.done ? (
              <span className="text-sm text-good">
                ✓ done, {clockTime(Date.parse(place.done.at), view.now)}
              </span>
            ) : (
              <Button onClick={() => tap(brushed(place, layerId))}>Brushed</Button>
            )}
          </li>
        ))}
      </ul>
    </Panel>
  );
}
