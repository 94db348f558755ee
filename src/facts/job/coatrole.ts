import { gritFor, type CoatRole } from '@/core/system';
import type { CoatingClass, Layer, PlannedCoat } from '@/records';

/** What a coat of each class is, where nobody says what it does in its stack. */
const usual: Record<CoatingClass, CoatRole> = {
  'solvent-base': 'base',
  'water-base': 'base',
  'two-part-clear': 'clear',
  'two-part-colour': 'base',
  'epoxy-primer': 'primer',
  'etch-primer': 'primer',
  'filler-primer': 'filler',
  'sprayed-filler': 'filler',
  'gel-coat': 'gel',
  'water-lacquer': 'lacquer',
  'two-part-water': 'lacquer',
  'furniture-paint': 'lacquer',
  'moisture-curing': 'moisture',
  'quick-enamel': 'base',
  'wall-paint': 'wall',
  elastomeric: 'wall',
};

/** What a coat is to the ground it goes on: as it is planned, else as its class usually is. */
export const roleOf = (
  { role }: Pick<PlannedCoat, 'role'>,
  { class: of }: Pick<Layer['sheet'], 'class'>,
): CoatRole => role ?? usual[of];

/** The paper whose scratch a coat of this sheet fills. */
export const gritUnder = (
  coat: Pick<PlannedCoat, 'role'> | undefined,
  sheet: Pick<Layer['sheet'], 'class'>,
): ReturnType<typeof gritFor> => gritFor(roleOf(coat ?? {}, sheet));

/** The same of the first coat of a job; none where its first layer has none. */
export function firstRole({ layers }: { readonly layers: readonly Layer[] }): CoatRole | undefined {
  const layer = layers.find(({ coats }) => coats.length > 0);
  const [first] = layer?.coats ?? [];
  return layer && first && roleOf(first, layer.sheet);
}
