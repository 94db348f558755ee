import { showPart } from '../showpart';

const tries = 60;
const pause = 50;

/**
 * Brings a place of this stage into sight and gives it the focus. If it is not on the page, the part it stands in,
 * the first when none is named, is opened, and waited for while its code is fetched.
 */
export function focusPlace(place: string, part?: string): void {
  if (focused(place)) return;
  if (window.location.hash.slice(1) !== (part ?? '')) showPart(part);
  let left = tries;
  const again = () => {
    left -= 1;
    if (!focused(place) && left > 0) setTimeout(again, pause);
  };
  setTimeout(again, pause);
}

function focused(place: string): boolean {
  const element = document.querySelector<HTMLElement>(`[data-place="${place}"]`);
  element?.scrollIntoView({ block: 'center' });
  element?.focus();
  return element !== null;
}
