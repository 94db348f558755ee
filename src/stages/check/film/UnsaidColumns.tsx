import type { GaugeQuestions, GaugeTable } from '@/exchange/readingscsv';
import { Notice } from '@/ui/Notice';

const questions: readonly (readonly [keyof GaugeQuestions, string])[] = [
  ['film', 'which column holds the film'],
  ['unit', 'the unit'],
  ['decimal', 'whether 1,234 is one or a thousand'],
  ['face', 'which column names the face'],
  ['spot', 'which column names the spot'],
];

/** What a gauge’s table does not say by itself, and its first rows to answer from. */
export function UnsaidColumns({
  table,
  known,
}: {
  readonly table: GaugeTable;
  readonly known: GaugeQuestions;
}) {
  const film = known.film === undefined;
  const open = questions.filter(([of]) => known[of] === undefined && (!film || of === 'film'));
  return (
    <>
      <Notice tone="care">
        The table does not say {open.map(([, words]) => words).join(', nor ')}. Choose above; nothing is
        guessed.
      </Notice>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a box that scrolls must be reachable by keyboard */}
      <div role="region" aria-label="First rows of the file" tabIndex={0} className="overflow-x-auto">
        <table className="text-left text-sm">
          <thead className="text-ink-soft">
            <tr className="border-b border-hairline">
              {table.columns.map((name, i) => (
                <th key={i} className="py-1 pr-4 font-normal">
                  {name || `Column ${i + 1}`}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {table.rows.slice(0, 4).map((row, i) => (
              <tr key={i} className="border-b border-hairline">
                {table.columns.map((_, column) => (
                  <td key={column} className="py-1 pr-4">
                    {(row[column] ?? '').slice(0, 40)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
