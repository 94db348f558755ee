import type { Ask } from '@/core/inspection';
import type { Walk, WalkStop } from '@/facts/job';
import { clockTime } from '@/words/clock';
import { askWords } from '@/words/inspection';

interface Props {
  readonly walk: Walk;
  readonly at: WalkStop | undefined;
  readonly now: number;
  readonly onChoose: (id: string) => void;
}

const settled = ({ state }: WalkStop) => state !== 'open' && state !== 'again';

/** The rounds in their order, each with how far it is; one tap goes to where it is left. */
export function Rounds({ walk, at, now, onChoose }: Props) {
  const asks = [...new Set(walk.stops.map((stop) => stop.asks))];
  return (
    <ol className="mb-4 flex flex-wrap gap-2" data-rounds>
      {asks.map((ask) => {
        const { done, of, faults, from, first } = standing(walk, ask);
        return (
          <li key={ask}>
            <button
              type="button"
              aria-pressed={at?.asks === ask}
              onClick={() => first && onChoose(first)}
              className="min-h-11 border-2 border-hairline px-3 py-1 text-left text-sm aria-pressed:border-ink aria-pressed:bg-act-wash"
            >
              <b>
                {faults > 0 ? '■ ' : done === of ? '✓ ' : ''}
                {askWords[ask].name}
              </b>{' '}
              <span className="text-ink-soft">
                {done} of {of}
                {from !== undefined && done < of ? `, from ${clockTime(from, now)}` : ''}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}

function standing({ stops }: Walk, ask: Ask) {
  const own = stops.filter(({ asks }) => asks === ask);
  const open = own.filter((stop) => !settled(stop));
  return {
    done: own.length - open.length,
    of: own.length,
    faults: own.filter(({ state }) => state === 'fault').length,
    from: open.some(({ from }) => from === undefined)
      ? undefined
      : Math.min(...open.map(({ from = Infinity }) => from)),
    first: (open.find(({ from }) => from === undefined) ?? open[0] ?? own[0])?.id,
  };
}
