'use client';

import { keyOf, type AnyRecord } from '@/records';
import { openQuestions, settled } from '@/records/asked';
import { useStore } from '@/store/hooks';
import { Button } from './Button';
import { Notice } from './Notice';

/** `part.faces.0.count` as a person reads it: part, faces 1, count. */
const spoken = (path: string): string =>
  path
    .split('.')
    .map((key) =>
      /^\d+$/.test(key) ? String(Number(key) + 1) : key.replace(/([A-Z])/g, ' $1').toLowerCase(),
    )
    .join(', ')
    .replace(/, (\d+)/g, ' $1');

/** Values of a record that cannot be, kept as they came: what is reckoned with until somebody decides. */
export function AskedAbout({ record }: { readonly record: AnyRecord }) {
  const store = useStore();
  const questions = openQuestions(record);
  if (questions.length === 0) return null;
  return (
    <div className="my-3 space-y-2" data-asked={keyOf(record)}>
      {questions.map((question) => (
        <Notice key={question.path} tone="care">
          <p>
            {spoken(question.path)}: it came as {String(question.said)}, which cannot be. It is taken as{' '}
            {String(question.taken)} until you put it right (SI units).
          </p>
          <Button onClick={() => store.put(settled(record, question), 'question settled')}>
            That is right, ask no more
          </Button>
        </Notice>
      ))}
    </div>
  );
}
