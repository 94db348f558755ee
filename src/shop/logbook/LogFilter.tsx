'use client';

import { everything, type choicesOf, type LogQuestion } from '@/facts/shop/logsearch';
import type { EntryType } from '@/records';
import { Button } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { typeWords } from '@/words/entry';

interface Props {
  readonly asked: LogQuestion;
  readonly onAsk: (asked: LogQuestion) => void;
  readonly choices: ReturnType<typeof choicesOf>;
}

/** Looking something up: words in sight, the rest folded behind what is asked now. */
export function LogFilter({ asked, onAsk, choices }: Props) {
  const { types, people, sheets, rigs } = choices;
  const ask = (said: Partial<LogQuestion>) => onAsk({ ...asked, ...said });
  const nameOf = (all: readonly { readonly value: string; readonly label: string }[], value: string) =>
    all.find((each) => each.value === value)?.label;
  const kinds = types
    .map((value) => ({ value, label: typeWords[value as EntryType] }))
    .sort((a, b) => a.label.localeCompare(b.label));
  const products = sheets.map(([value, label]) => ({ value, label }));
  const guns = rigs.map(({ id, name }) => ({ value: id, label: name }));
  const says = [
    nameOf(kinds, asked.type),
    asked.person,
    nameOf(products, asked.sheetId),
    nameOf(guns, asked.rigId),
    asked.from && `from ${asked.from}`,
    asked.to && `to ${asked.to}`,
  ].filter(Boolean);
  const any = (label: string) => ({ value: '', label });
  const wrong =
    asked.from && asked.to && asked.from > asked.to ? 'The first day is after the last.' : undefined;
  return (
    <Fold title="Only" says={says.length > 0 ? says.join(', ') : 'everything'}>
      <div className="grid grid-cols-2 items-start gap-3 md:grid-cols-3 lg:grid-cols-6">
        <SelectField
          label="What"
          value={asked.type}
          onChange={(event) => ask({ type: event.target.value })}
          options={[any('Every kind'), ...kinds]}
        />
        <SelectField
          label="Who"
          value={asked.person}
          onChange={(event) => ask({ person: event.target.value })}
          options={[any('Everybody'), ...people.map((value) => ({ value, label: value }))]}
        />
        <SelectField
          label="Product"
          value={asked.sheetId}
          onChange={(event) => ask({ sheetId: event.target.value })}
          options={[any('Every product'), ...products]}
        />
        <SelectField
          label="Gun"
          value={asked.rigId}
          onChange={(event) => ask({ rigId: event.target.value })}
          options={[any('Every gun'), ...guns]}
        />
        <TextField
          label="From"
          type="date"
          value={asked.from}
          onChange={(event) => ask({ from: event.target.value })}
          error={wrong}
        />
        <TextField
          label="To"
          type="date"
          value={asked.to}
          onChange={(event) => ask({ to: event.target.value })}
        />
      </div>
      {says.length > 0 && (
        <div className="mt-3">
          <Button onClick={() => onAsk({ ...everything, words: asked.words })}>Everything again</Button>
        </div>
      )}
    </Fold>
  );
}
