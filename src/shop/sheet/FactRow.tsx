import { doubtful, type SheetFact } from '@/core/sheet';
import { personal } from '@/facts/shop/sheetread';
import { useUnits } from '@/ui/units';
import { sheetFactSays, sheetFactWords } from '@/words/sheetread';
import type { ReadPaper } from '@/workers/sheet';

interface Props {
  readonly fact: SheetFact;
  readonly paper: ReadPaper;
  readonly taken: boolean;
  /** Are its words marked on the paper? */
  readonly shown: boolean;
  readonly onTake: (on: boolean) => void;
  readonly onShow: () => void;
}

/** One fact: whether it is let in, what it says, the words it came from, and how sure the reading is. */
export function FactRow({ fact, paper: { facts, evidence }, taken, shown, onTake, onShow }: Props) {
  const units = useUnits();
  const read = evidence[fact];
  const doubt = read !== undefined && read.sure < doubtful;
  const asked = personal.includes(fact) && !taken;
  return (
    <li className={shown ? 'bg-act-wash' : ''} onPointerEnter={onShow}>
      <label className="flex min-h-11 items-start gap-3 px-2 py-2">
        <input
          type="checkbox"
          className="mt-0.5 size-5 shrink-0 accent-act"
          checked={taken}
          onChange={(event) => onTake(event.target.checked)}
          onFocus={onShow}
        />
        <span className="min-w-0 flex-1">
          <span className="flex flex-wrap justify-between gap-x-4">
            <span>{sheetFactWords[fact]}</span>
            <b className="text-right whitespace-pre-line">{sheetFactSays(fact, facts, units)}</b>
          </span>
          {read && (
            <span className="block text-sm break-words text-ink-soft">“{read.words.slice(0, 220)}”</span>
          )}
          {doubt && (
            <span className="block text-sm font-semibold text-care">▲ Doubtful: is that what it says?</span>
          )}
          {asked && (
            <span className="block text-sm font-semibold text-care">
              ▲ Tick it when you have read it there.
            </span>
          )}
        </span>
      </label>
    </li>
  );
}
