/** How dates, times of day and money are written in this shop. */
export interface WrittenHere {
  /** `28 Nov` against `Nov 28`. */
  readonly dayFirst: boolean;
  /** `16:40` against `4:40 pm`. */
  readonly hours24: boolean;
  /** ISO 4217; none where the shop has not said. */
  readonly currency?: string;
}

/** What the device’s own language and region do. */
export function deviceDates(locale?: string): Pick<WrittenHere, 'dayFirst' | 'hours24'> {
  const made = new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'numeric', hour: 'numeric' });
  const order = made.formatToParts(0).map(({ type }) => type);
  return {
    dayFirst: order.indexOf('day') < order.indexOf('month'),
    hours24: !(made.resolvedOptions().hour12 ?? false),
  };
}

// One for the page, as the language of a page is: every date of every screen, list and file is written alike.
let here: WrittenHere = { dayFirst: true, hours24: true };

export const writtenHere = (): WrittenHere => here;

/** Says it for the page; asked where the shop is read. */
export function writeHereAs(next: WrittenHere): void {
  here = next;
}

/** As the shop chose, or as the device does where it has not. */
export const writtenIn = (
  { dates, currency }: { readonly dates?: 'day-first' | 'month-first'; readonly currency?: string },
  device: Pick<WrittenHere, 'dayFirst' | 'hours24'>,
): WrittenHere => ({
  ...(dates === undefined ? device : { dayFirst: dates === 'day-first', hours24: dates === 'day-first' }),
  ...(currency === undefined ? {} : { currency }),
});
