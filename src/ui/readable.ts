import type { FieldRow } from './form';

/** More than so many numbers in a line are not read. */
const most = 7;

/** What is said in the fields of a form, in one line: `bore 9.0 mm, length 10 m`. Empty where nothing is. */
export const readable = (
  fields: readonly FieldRow[],
  valueOf: (name: string) => unknown,
  write: (quantity: NonNullable<FieldRow['quantity']>, value: number) => string,
): string => {
  const said = fields.flatMap(({ name, label, quantity, options }) => {
    const value = valueOf(name);
    if (value === undefined || value === '' || value === null || Number.isNaN(value)) return [];
    const words = /^[A-Z]{2}/.test(label) ? label : label.charAt(0).toLowerCase() + label.slice(1);
    if (quantity && typeof value === 'number') return [`${words} ${write(quantity, value)}`];
    if (options) return [options.find((each) => each.value === value)?.label.toLowerCase() ?? String(value)];
    return [`${words} ${typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value)}`];
  });
  return said.length > most ? `${said.slice(0, most).join(', ')} …` : said.join(', ');
};
