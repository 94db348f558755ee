import type { AnyRecord } from '.';

/** The key a record is kept under. */
export const keyOf = ({ kind, id }: Pick<AnyRecord, 'kind' | 'id'>): string => `${kind}/${id}`;
