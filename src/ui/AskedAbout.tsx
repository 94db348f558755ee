'use client';

import { keyOf, type AnyRecord } from '@/records';
import { openQuestions, settled } from '@/records/asked';
import { useStore } from '@/store/hooks';
import { Button } from './Button';
import { Notice } from './Notice';

/** `part.faces.0.count` as a person reads it: part, faces “Door”, count. */
function spoken(record: AnyRecord, path: string): string {
  let at: unknown = record;
  const words: string[] = [];
  for (const key of path.split('.')) {
    at = (at as Record<string, unknown> | undefined)?.[key];
    if (!/^\d+$/.test(key)) {
      words.push(key.replace(/([A-Z])/g, ' $1').toLowerCase());
      continue;
    }
    const { name } = (at ?? {}) as { readonly name?: unknown };
    words.push(`${words.pop() ?? ''} ${typeof name === 'string' ? `“${name}”` : Number(key) + 1}`.trim());
  }
  const said = words.join(', ');
  return `${said.slice(0, 1).toUpperCase()}${said.slice(1)}`;
}

/** Values of a record that cannot be, kept as they came: what is reckoned with until somebody decides. */
export function AskedAbout({ record }: { readonly record: AnyRecord }) {
  const store = useStore();
  const questions = openQuestions(record);
  if (questions.length === 0) return null;
  return (
    <div className="my-3" data-asked={keyOf(record)}>
      <Notice tone="care">
        <p>
          {questions.length === 1 ? 'A value' : `${questions.length} values`} of this record cannot be (SI
          units). Put {questions.length === 1 ? 'it' : 'them'} right, or keep what is reckoned with.
        </p>
        <ul className="mt-1">
          {questions.map((question) => (
            <li
              key={question.path}
              className="flex flex-wrap items-center justify-between gap-x-4 border-t border-care/40 py-1"
            >
              <span className="min-w-0 break-words">
                {spoken(record, question.path)}: <b>{String(question.said)}</b> came, {String(question.taken)}{' '}
                is reckoned with.
              </span>
              <Button look="quiet" onClick={() => store.put(settled(record, question), 'question settled')}>
                Keep {String(question.taken)}
              </Button>
            </li>
          ))}
        </ul>
      </Notice>
    </div>
  );
}
