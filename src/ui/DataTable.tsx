'use client';

import {
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type ColumnDef,
  type SortingState,
} from '@tanstack/react-table';
import { useState } from 'react';

interface Props<T> {
  readonly label: string;
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- a table holds columns of every value type
  readonly columns: ColumnDef<T, any>[];
  readonly rows: readonly T[];
  /** The first row is the recommendation. */
  readonly markFirst?: boolean;
}

/** A table one can sort by its heads; on a phone it scrolls sideways inside its own box. */
export function DataTable<T>({ label, columns, rows, markFirst }: Props<T>) {
  const [sorting, setSorting] = useState<SortingState>([]);
  // eslint-disable-next-line react-hooks/incompatible-library -- the table's functions are used in this render only
  const table = useReactTable({
    data: rows as T[],
    columns,
    state: { sorting },
    onSortingChange: setSorting,
    // There are no pages or groups to go back to; resetting them at every new row set would never end.
    autoResetAll: false,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a box that scrolls must be reachable by keyboard
    <div className="overflow-x-auto" role="region" aria-label={label} tabIndex={0}>
      <table className="w-full border-collapse text-sm">
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id} className="border-b-2 border-ink text-left">
              {group.headers.map((header) => {
                const sorted = header.column.getIsSorted();
                return (
                  <th
                    key={header.id}
                    scope="col"
                    aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : undefined}
                    className="pr-3"
                  >
                    {header.column.getCanSort() ? (
                      <button
                        type="button"
                        className="min-h-11 min-w-11 text-left font-semibold whitespace-nowrap"
                        onClick={header.column.getToggleSortingHandler()}
                      >
                        {flexRender(header.column.columnDef.header, header.getContext())}
                        <span aria-hidden className="ml-1 text-ink-soft">
                          {sorted === 'asc' ? '↑' : sorted === 'desc' ? '↓' : ''}
                        </span>
                      </button>
                    ) : (
                      flexRender(header.column.columnDef.header, header.getContext())
                    )}
                  </th>
                );
              })}
            </tr>
          ))}
        </thead>
        <tbody>
          {table.getRowModel().rows.map((row) => (
            <tr
              key={row.id}
              className={`border-b border-hairline ${markFirst && row.index === 0 ? 'bg-act-wash font-semibold' : ''}`}
            >
              {row.getVisibleCells().map((cell) => (
                <td key={cell.id} className="py-2.5 pr-3 first:pl-1">
                  {flexRender(cell.column.columnDef.cell, cell.getContext())}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
