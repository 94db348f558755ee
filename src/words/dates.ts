/** A formatter made once: making one takes longer than hundreds of dates. */
const formatter = (locale: string | undefined, options: Intl.DateTimeFormatOptions) => {
  let made: Intl.DateTimeFormat | undefined;
  return (at: number | Date): string => (made ??= new Intl.DateTimeFormat(locale, options)).format(at);
};

/** `28 Nov` */
export const dayAndMonth = formatter('en-GB', { day: 'numeric', month: 'short' });

/** `28 Nov 2026` */
export const fullDay = formatter('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** `Sat, 28 Nov` */
export const weekday = formatter('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });

/** A full day as the user’s own language writes it. */
export const localDay = formatter(undefined, { day: 'numeric', month: 'short', year: 'numeric' });

/** `Nov`, in the user’s own language. */
export const localMonth = formatter(undefined, { month: 'short' });
