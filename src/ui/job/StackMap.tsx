'use client';

import { stackOf, type JobView, type MappedLayer } from '@/facts/job';
import { Clock } from '../Clock';
import { Printed } from '../Printed';
import { layerFigure } from '@/words/figures';
import { potSays, gunSays } from '@/words/stack';
import { takeInHand } from './inhand';

/**
 * The film stack lying flat, the part on the left: every layer as wide as its film, its coats filled as they go on. A tap
 * takes a layer in hand. A job of one product needs no map.
 */
export function StackMap({ view }: { readonly view: JobView }) {
  const layers = stackOf(view);
  if (layers.length < 2) return null;
  return (
    <div
      role="group"
      aria-label="Layers, from the part up"
      className="no-print mt-2 flex overflow-x-auto border border-ink bg-sheet"
      data-stack-map
    >
      <span aria-hidden className="w-2.5 shrink-0 bg-wood" />
      {layers.map((layer) => (
        <Layer key={layer.id} view={view} layer={layer} />
      ))}
    </div>
  );
}

function Layer({ view, layer }: { readonly view: JobView; readonly layer: MappedLayer }) {
  const { id, name, coats, state, gun } = layer;
  const hand = view.work.layer.id === id;
  const on = coats.filter((each) => each === 'done').length;
  const live = layer.pot !== undefined || gun.state === 'dirty';
  return (
    <button
      type="button"
      aria-pressed={hand}
      data-map-layer={id}
      onClick={() => takeInHand(view.job, id)}
      style={{ flexGrow: Math.max(layer.share, 0.12) }}
      className={`flex min-h-16 min-w-[9.2rem] shrink-0 basis-0 flex-col border-r border-hairline px-3 pt-1.5 pb-2 text-left last:border-r-0 focus-visible:-outline-offset-3 ${hand ? 'bg-act-wash' : 'hover:bg-ink/6'}`}
    >
      <span className="flex items-baseline justify-between gap-2">
        <b className={`truncate ${hand ? 'text-act' : ''}`}>{name}</b>
        <span className="text-xs whitespace-nowrap text-ink-soft">
          <Printed figure={layerFigure(view, 'film.stays', id, layer.stays)} />
        </span>
      </span>
      <span className="block text-xs whitespace-nowrap text-ink-soft">
        {hand && <b className="text-act">in hand · </b>}
        {state === 'on' ? '✓ all on' : `${on} of ${coats.length} on`}
      </span>
      {live && (
        <span className="block text-xs text-ink-soft">
          {layer.pot && (
            <span className={layer.pot.over ? 'text-stop' : 'text-ink'}>{potSays(layer.pot)}</span>
          )}
          {layer.pot && gun.state === 'dirty' && ' · '}
          {gun.state === 'dirty' && (
            <span className={gun.cleanBy !== undefined && gun.cleanBy < view.now ? 'text-stop' : ''}>
              {gunSays(gun)}
              {gun.cleanBy !== undefined && (
                <>
                  {' '}
                  <Clock
                    at={gun.cleanBy}
                    now={view.now}
                    figure={layerFigure(view, 'clean.by', id, gun.cleanBy / 1000)}
                  />
                </>
              )}
            </span>
          )}
        </span>
      )}
      <span aria-hidden className="mt-auto flex gap-px pt-1">
        {coats.map((each, i) => (
          <span
            key={i}
            className={`h-3 flex-1 border border-act ${each === 'done' ? 'bg-act/70' : each === 'running' ? 'bg-act/35' : 'border-dashed'}`}
          />
        ))}
      </span>
    </button>
  );
}
