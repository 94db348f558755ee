import type { AnyRecord } from '.';

/** One value that came in beyond every bound, and what is reckoned with instead. */
export type OpenQuestion = NonNullable<AnyRecord['asked']>[number];

/** What is still to be asked of a record: values that stand as they were taken. Put right, they are asked no more. */
export function openQuestions(record: AnyRecord): readonly OpenQuestion[] {
  return (record.asked ?? []).filter(({ path, taken }) => {
    const now = path
      .split('.')
      .reduce<unknown>((part, key) => (part as Record<string, unknown> | undefined)?.[key], record);
    return now === taken;
  });
}

/** The record with a question settled: what was taken is right. */
export const settled = <R extends AnyRecord>(record: R, { path }: OpenQuestion): R => {
  const left = (record.asked ?? []).filter((each) => each.path !== path);
  return { ...record, asked: left.length > 0 ? left : undefined };
};
