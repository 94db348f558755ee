'use client';

import { useMemo, useState } from 'react';
import { isRefusal } from '@/core/refusal';
import {
  askedOf,
  bookMarks,
  bookRows,
  groupings,
  groupsOf,
  measures,
  type BookAsked,
  type BookGroup,
  type Grouping,
  type Measure,
} from '@/facts/shop/book';
import { fileName } from '@/exchange/filename';
import { isoNow } from '@/store/clock';
import { useRecords } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { SelectField } from '@/ui/Field';
import { Plot } from '@/ui/Plot';
import { useKit } from '@/ui/kit';
import { download } from '@/ui/download';
import { arrived } from '@/ui/fetched';
import { useColours } from '@/ui/theme/colours';
import { useUnits } from '@/ui/units';
import {
  groupingWords,
  groupName,
  knownWords,
  markWords,
  measureWords,
  scaleOf,
  valueWords,
} from '@/words/book';
import { fullDay } from '@/words/dates';
import { amount, written } from '@/words/figures';
import { plural } from '@/words/line';
import { writtenHere } from '@/words/writtenhere';
import { bookFigure, toldApart } from './bookfigure';
import { useGone } from '@/ui/gone';

/** So many changes are numbered on the axis: the youngest. */
const mostMarks = 8;

/** What all jobs say together: a measure over time, by product, gun, person or month, and what changed when. */
export function Book() {
  const jobs = useRecords('job');
  const kit = useKit();
  const { ready, share } = useGone(jobs, kit);
  if (!ready)
    return (
      <p className="py-6 text-ink-soft" role="status">
        Going through the jobs: {Math.round(share * 100)} %
      </p>
    );
  return <Charts />;
}

function Charts() {
  const jobs = useRecords('job');
  const kit = useKit();
  const { rigs } = kit;
  const colours = useColours();
  const units = useUnits();
  const [measure, setMeasure] = useState<Measure>('film');
  const [by, setBy] = useState<Grouping>('sheet');
  const [asked, setAsked] = useState<BookAsked>({});
  const all = useMemo(() => bookRows(jobs, kit), [jobs, kit]);
  const rows = useMemo(() => askedOf(all, asked), [all, asked]);
  const groups = useMemo(() => groupsOf(rows, by, measure), [rows, by, measure]);
  const names = useMemo(() => {
    const sheets = new Map(all.map(({ use }) => [use.sheetId, use.sheet]));
    const gun = (id: string) => rigs.find((rig) => rig.id === id)?.name ?? 'a gun no longer here';
    return {
      sheet: (id: string) => sheets.get(id) ?? id,
      gun,
      fitted: (rigId: string, now: string) => {
        const set = rigs.find(({ id }) => id === rigId)?.sets.find(({ id }) => id === now);
        return set ? written(amount('bore', set.bore), units) : now;
      },
    };
  }, [all, rigs, units]);
  const marks = useMemo(
    () =>
      bookMarks(rows)
        .slice(-mostMarks)
        .map((mark) => ({ ...mark, says: markWords(mark, names) })),
    [rows, names],
  );
  const named = useMemo(
    () => groups.map((group) => ({ ...group, name: groupName(by, group.key, names) })),
    [groups, by, names],
  );
  const { unit, by: scale } = scaleOf(measure, units);
  const days = writtenHere().dayFirst ? '%-d %b' : '%b %-d';
  const figure = useMemo(
    () => bookFigure({ groups: named, measure, by: scale, unit, marks, days, colours }),
    [named, measure, scale, unit, marks, days, colours],
  );
  const known = rows.filter(({ values }) => values[measure] !== undefined).length;
  const save = async () => {
    const writer = await arrived(import('@/exchange/bookcsv'));
    if (!writer) return;
    download(
      fileName('all jobs', isoNow().slice(0, 10), 'csv'),
      writer.writeBookCsv(rows, { gun: names.gun }),
      'text/csv',
    );
  };
  const choices = (key: Grouping) =>
    groupsOf(all, key, 'faults')
      .filter((group) => group.key !== '')
      .map((group) => ({ value: group.key, label: groupName(key, group.key, names) }));
  const only = (label: string, key: keyof BookAsked, grouping: Grouping) => (
    <SelectField
      label={label}
      value={asked[key] ?? ''}
      onChange={(event) => setAsked({ ...asked, [key]: event.target.value || undefined })}
      options={[{ value: '', label: 'All' }, ...choices(grouping)]}
    />
  );
  return (
    <div className="py-4" data-book>
      <div className="grid max-w-5xl gap-3 sm:grid-cols-2 lg:grid-cols-4">
        <SelectField
          label="What"
          value={measure}
          onChange={(event) => setMeasure(event.target.value as Measure)}
          options={measures.map((value) => ({ value, label: measureWords[value].name }))}
        />
        {only('Product', 'sheetId', 'sheet')}
        {only('Gun', 'rigId', 'gun')}
        {only('Person', 'person', 'person')}
      </div>
      <div className="mt-3 max-w-xl">
        <Choice
          label="Told apart by"
          value={by}
          onChange={setBy}
          options={groupings.map((value) => ({ value, label: groupingWords[value] }))}
        />
      </div>
      <p className="mt-3 text-sm text-ink-soft" role="status">
        {measureWords[measure].name}: {measureWords[measure].says}. {plural(rows.length, 'use')} of a product,{' '}
        {knownWords(rows, measure)}.
      </p>
      {known === 0 ? (
        <p className="py-4 text-ink-soft">
          No job on record says it. It comes of itself: film from the gauge, transfer from paint weighed and
          film measured, waste from what is written down when a mix is thrown away.
        </p>
      ) : (
        <>
          <Plot
            {...figure}
            height={340}
            label={`${measureWords[measure].name} of ${plural(known, 'use')} over time, by ${groupingWords[by].toLowerCase()}.`}
          />
          {marks.length > 0 && (
            <ol className="mt-1 text-sm text-ink-soft" aria-label="What changed">
              {marks.map(({ at, says }, i) => (
                <li key={`${at}${says}`}>
                  <b className="text-care">{i + 1}</b> {fullDay(at)}: {says}
                </li>
              ))}
            </ol>
          )}
          <Groups groups={named} by={by} measure={measure} />
        </>
      )}
      <Button className="mt-4" onClick={() => void save()}>
        Take these out as CSV
      </Button>
    </div>
  );
}

interface GroupsProps {
  readonly groups: readonly (BookGroup & { readonly name: string })[];
  readonly by: Grouping;
  readonly measure: Measure;
}

/** Each group in numbers, with how many it rests on. */
function Groups({ groups, by, measure }: GroupsProps) {
  const units = useUnits();
  const film = measure === 'film';
  const drawn = groups.filter(({ spread }) => spread).map(({ key }) => key);
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a box that scrolls must be reachable by keyboard
    <div className="mt-3 max-w-4xl overflow-x-auto" role="region" aria-label="In numbers" tabIndex={0}>
      <table className="w-full border-collapse text-sm">
        <thead>
          <tr className="border-b-2 border-ink text-left">
            <th scope="col" className="py-1 pr-4">
              {groupingWords[by]}
            </th>
            <th scope="col" className="pr-4 text-right">
              Uses
            </th>
            <th scope="col" className="pr-4 text-right">
              Mean
            </th>
            <th scope="col" className="pr-4 text-right">
              Varies by ±
            </th>
            {film && (
              <th scope="col" className="text-right">
                Capability, nearer limit
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {groups.map(({ key, name, rows, spread, able }) => (
            <tr key={key} className="border-b border-hairline">
              <td className="py-1 pr-4">
                {name}
                {drawn.length > toldApart && drawn.indexOf(key) >= toldApart - 1 && (
                  <span className="text-ink-soft">, drawn with the rest</span>
                )}
              </td>
              <td className="pr-4 text-right tabular-nums">
                {spread && spread.count !== rows.length ? `${spread.count} of ${rows.length}` : rows.length}
              </td>
              <td className="pr-4 text-right font-semibold tabular-nums">
                {valueWords(measure, spread?.mean, units)}
              </td>
              <td className="pr-4 text-right tabular-nums">
                {spread && spread.sd === undefined ? 'one alone' : valueWords(measure, spread?.sd, units)}
              </td>
              {film && (
                <td className="text-right tabular-nums">
                  {able === undefined
                    ? '–'
                    : isRefusal(able)
                      ? 'too few readings'
                      : `${able.cpk.toFixed(2)} (${able.low.toFixed(2)} to ${able.high.toFixed(2)})`}
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
