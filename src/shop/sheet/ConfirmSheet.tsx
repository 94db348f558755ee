'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import type { SheetFact } from '@/core/sheet';
import { changedSheet, jobsBehind, recipesTouched } from '@/facts/shop/revisions';
import { classGuess, factsHeld, takenAtFirst, withPaper } from '@/facts/shop/sheetread';
import { classSheet, classWords, coatingClasses, newId, type CoatingClass } from '@/records';
import { isoNow } from '@/store/clock';
import { useRecords, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { Notice } from '@/ui/Notice';
import { keepDraft, keptDraft } from '@/store/newdraft';
import { notify } from '@/ui/notify';
import { useKit } from '@/ui/kit';
import { Page } from '@/ui/Page';
import { useUnits } from '@/ui/units';
import { plural } from '@/words/line';
import { differences } from '@/words/sheetfacts';
import { sheetFactOrder, sheetFactSays, sheetFactWords } from '@/words/sheetread';
import type { ReadPaper } from '@/workers/sheet';
import { FactRow } from './FactRow';

interface Props {
  readonly paper: ReadPaper;
  readonly onBack: () => void;
}

const kindWords = {
  'safety-sheet':
    'This looks like a safety data sheet: it tells of hazards and protection, hardly of mixing and spraying. Read the technical sheet as well.',
  'two-products': 'More than one product is named on it. Check that every fact is of the one you hold.',
  foreign: 'It is in another language: what was read was known by its numbers and units. Check each.',
  'product-sheet': undefined,
};

/** The paper left, what it states right: each fact is let in by hand, with the words it came from in sight. */
export function ConfirmSheet({ paper, onBack }: Props) {
  const store = useStore();
  const router = useRouter();
  const units = useUnits();
  const coatings = useRecords('coating');
  const jobs = useRecords('job');
  const { facts, evidence, lines, kind } = paper;
  const [taken, setTaken] = useState<ReadonlySet<SheetFact>>(() => takenAtFirst(paper));
  const [at, setAt] = useState<SheetFact>();
  const [of, setOf] = useState<CoatingClass>(() => classGuess(lines.join('\n'), facts));
  const same = coatings.find(({ name }) => name.toLowerCase() === (facts.name ?? '').toLowerCase());
  const [target, setTarget] = useState(same?.id ?? 'new');
  const held = coatings.find(({ id }) => id === target);
  const stated = sheetFactOrder.filter((fact) => facts[fact] !== undefined);
  const absent = sheetFactOrder.filter((fact) => facts[fact] === undefined);

  const leftOut = stated.filter((fact) => !taken.has(fact));

  const today = isoNow().slice(0, 10);
  const before = useMemo(
    () => held ?? classSheet(of, newId(), facts.name ?? 'New sheet', today),
    [held, of, facts.name, today],
  );
  const usual = useMemo(() => factsHeld(before), [before]);
  const after = useMemo(
    () => ({ ...withPaper(before, facts, taken), checkedOn: today }),
    [before, facts, taken, today],
  );
  const changes = held ? differences(held, after, units) : [];
  const touched = held ? jobsBehind(jobs, after) : [];
  const kit = useKit();
  const learnt = useMemo(() => (held ? recipesTouched(jobs, kit, held.id) : 0), [held, jobs, kit]);

  const list = useRef<HTMLUListElement>(null);
  const move = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (by === 0) return;
    const boxes = [...(list.current?.querySelectorAll<HTMLInputElement>('input[type="checkbox"]') ?? [])];
    const next = boxes[boxes.indexOf(document.activeElement as HTMLInputElement) + by];
    if (!next) return;
    event.preventDefault();
    next.focus();
  };
  const take = (fact: SheetFact, on: boolean) => {
    const next = new Set(taken);
    if (on) next.add(fact);
    else next.delete(fact);
    setTaken(next);
  };
  const save = async () => {
    const done = await store.commit(held ? changedSheet(held, after, isoNow()) : [after], [], 'sheet read');
    if (!done) return;
    notify(
      held
        ? 'The newer paper is in. Jobs already begun keep the sheet they began with.'
        : 'The sheet is made. A group the paper does not state whole is marked as a class default until you confirm it.',
    );
    // Read for a new job, it is what goes on there.
    const asked = new URLSearchParams(location.search).get('then') === 'new' ? keptDraft() : undefined;
    if (!asked) return router.push(`/coatings/${after.id}`);
    keepDraft({ ...asked, like: '', system: '', coatingId: after.id, class: '' });
    router.push('/new#system');
  };

  return (
    <Page
      title={facts.name ?? 'A sheet'}
      says={`${stated.length} facts stated. Let in what the paper reads; the words stand beside each.`}
      tools={<Button onClick={onBack}>Another paper</Button>}
    >
      {kindWords[kind] && (
        <div className="mb-4">
          <Notice tone="care">{kindWords[kind]}</Notice>
        </div>
      )}
      <div className="grid gap-6 lg:grid-cols-2">
        <Paper lines={lines} line={at && evidence[at]?.line} />
        <div className="min-w-0 space-y-5">
          <div className="grid gap-4 sm:grid-cols-2">
            <SelectField
              label="Which sheet"
              value={target}
              onChange={(event) => setTarget(event.target.value)}
              options={[
                { value: 'new', label: 'A new one' },
                ...coatings.map(({ id, name }) => ({ value: id, label: `Newer paper of ${name}` })),
              ]}
            />
            {!held && (
              <SelectField
                label="Coating type"
                value={of}
                onChange={(event) => setOf(event.target.value as CoatingClass)}
                options={coatingClasses.map((value) => ({ value, label: classWords(value) }))}
                hint="Guessed from its words: right?"
              />
            )}
          </div>
          {/* eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- arrows go from box to box; each works without them */}
          <ul
            ref={list}
            aria-label="What it states"
            onKeyDown={move}
            className="divide-y divide-hairline border-y border-hairline"
          >
            {stated.map((fact) => (
              <FactRow
                key={fact}
                fact={fact}
                paper={paper}
                taken={taken.has(fact)}
                shown={at === fact}
                onTake={(on) => take(fact, on)}
                onShow={() => setAt(fact)}
              />
            ))}
          </ul>
          {absent.length > 0 && (
            <Fold
              title="Not on this paper"
              says={absent.map((fact) => sheetFactWords[fact].toLowerCase()).join(', ')}
              verb="Show"
            >
              <p className="text-sm text-ink-soft">
                {held
                  ? 'The sheet keeps what it says.'
                  : `What is usual for ${classWords(of).toLowerCase()} stays, a default, and its group is marked until somebody confirms it.`}
              </p>
              <ul className="mt-1 divide-y divide-hairline text-sm">
                {absent.map((fact) => (
                  <li key={fact} className="flex justify-between gap-4 py-1">
                    <span>{sheetFactWords[fact]}</span>
                    <span className="text-right">
                      {sheetFactSays(fact, usual, units) || 'nothing'}
                      {!held && sheetFactSays(fact, usual, units) ? ', a default' : ''}
                    </span>
                  </li>
                ))}
              </ul>
            </Fold>
          )}
          {held && (
            <section aria-label="What changes">
              <h2 className="font-bold">
                {changes.length === 0 ? 'Nothing changes' : plural(changes.length, 'change')}
              </h2>
              <ul className="mt-1 text-sm">
                {changes.map(({ title, label, before: old, after: fresh }) => (
                  <li key={`${title}${label}`} className="py-0.5">
                    {label}: {old} → <b>{fresh}</b>
                  </li>
                ))}
              </ul>
              {touched.length > 0 && (
                <p className="mt-2 text-sm">
                  Open jobs that began with the sheet as it stood:{' '}
                  {touched.map(({ name }) => name).join(', ')}. Each is asked on the sheet whether it takes
                  the new one.
                </p>
              )}
              {changes.length > 0 && learnt > 0 && (
                <p className="mt-2 text-sm" data-recipes-touched>
                  {plural(learnt, 'recipe')} of it {learnt === 1 ? 'was' : 'were'} made with the sheet as it
                  stood: a new job starts from {learnt === 1 ? 'it' : 'them'} all the same, so spray a card
                  and time the cup before you trust {learnt === 1 ? 'it' : 'them'}.
                </p>
              )}
            </section>
          )}
          {leftOut.length > 0 && (
            <Notice tone="care">
              {plural(leftOut.length, 'fact')} on the paper {leftOut.length === 1 ? 'is' : 'are'} not ticked
              and will not be taken over:{' '}
              {leftOut.map((fact) => sheetFactWords[fact].toLowerCase()).join(', ')}.
            </Notice>
          )}
          <Button look="main" disabled={taken.size === 0} onClick={() => void save()}>
            {held ? 'Take the newer paper' : 'Make the sheet'}
          </Button>
        </div>
      </div>
    </Page>
  );
}

/** The text of the paper, with the line that is looked at marked and in sight. */
function Paper({ lines, line }: { readonly lines: readonly string[]; readonly line: number | undefined }) {
  const box = useRef<HTMLOListElement>(null);
  useEffect(() => {
    const [own, all] = [box.current?.querySelector<HTMLElement>('[data-said]'), box.current];
    if (own && all) all.scrollTop = own.offsetTop - all.offsetTop - all.clientHeight / 3;
  }, [line]);
  return (
    <ol
      ref={box}
      aria-label="The paper"
      // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a box that scrolls must be reachable by keyboard
      tabIndex={0}
      className="max-h-[40vh] overflow-y-auto border-2 border-ink bg-sheet py-2 text-sm lg:sticky lg:top-4 lg:max-h-[86vh]"
    >
      {lines.map((text, i) => (
        <li
          key={i}
          data-said={i === line || undefined}
          className={`min-h-3 px-4 break-words whitespace-pre-wrap ${i === line ? 'border-l-4 border-act bg-act-wash pl-3 font-semibold' : ''}`}
        >
          {text}
        </li>
      ))}
    </ol>
  );
}
