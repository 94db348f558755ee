import { layingOf, type CoatRole } from './roles';

/** A coat of a template: what it does, which of the job’s coatings, and its film beside that coating’s aim. */
export interface TemplateCoat {
  readonly name: string;
  readonly role: CoatRole;
  /** Share of the coating’s aim, m of dry film sanded off again. */
  readonly film: number;
  readonly sandBack?: number;
}

/** An ordered stack a finisher would know by name, with the school it follows. */
export interface Template {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly coats: readonly TemplateCoat[];
}

const coat = (name: string, role: CoatRole, film = layingOf(role).film, sandBack?: number): TemplateCoat => ({
  name,
  role,
  film,
  ...(sandBack === undefined ? {} : { sandBack }),
});

/** Films are shares of the coating’s own aim, sanding allowances in m. All are defaults. */
// prettier-ignore
export const templates: readonly Template[] = [
  { id: 'grip-then-wet', name: 'Grip coat, then wet', says: 'A thin first coat holds the full ones after it.', coats: [coat('Grip', 'grip'), coat('Wet 1', 'base', 1), coat('Wet 2', 'base', 1)] },
  { id: 'final-from-first', name: 'Final quality from the first', says: 'Every coat full, as if it were the last.', coats: [coat('First', 'base', 1), coat('Second', 'base', 1)] },
  { id: 'metallic', name: 'Metallic: bed, full, drop', says: 'A light bed, full coats for hiding, a drop coat from further off to even the flake.', coats: [coat('Bed', 'bed'), coat('Full', 'metallic', 1), coat('Drop', 'drop')] },
  { id: 'metallic-no-bed', name: 'Metallic without a bed', says: 'Full at once; the drop coat evens the flake.', coats: [coat('Full 1', 'metallic', 1), coat('Full 2', 'metallic', 1), coat('Drop', 'drop')] },
  { id: 'metallic-three-drops', name: 'Metallic, three drop coats', says: 'For clouding colours: hiding first, then three drops, each lighter.', coats: [coat('Full 1', 'metallic', 1), coat('Full 2', 'metallic', 1), coat('Drop 1', 'drop'), coat('Drop 2', 'drop', 0.3), coat('Drop 3', 'drop', 0.25)] },
  { id: 'wet-on-wet', name: 'Wet on wet', says: 'The primer flashes only; nothing is sanded between.', coats: [coat('Wet-on-wet primer', 'wet-on-wet', 1), coat('Colour 1', 'base', 1), coat('Colour 2', 'base', 1)] },
  { id: 'filler-blocked', name: 'Sprayed filler, guide coat, block', says: 'Built up, dusted with a guide coat, blocked flat: what is sanded off is sprayed on first.', coats: [coat('Filler 1', 'filler', 1), coat('Filler 2', 'filler', 1), coat('Filler 3', 'filler', 1, 80e-6), coat('Guide', 'guide')] },
  { id: 'blend', name: 'Blend into the panel', says: 'Each coat reaches beyond the last and fades before the edge that keeps its colour.', coats: [coat('Blend 1', 'blend'), coat('Blend 2', 'blend'), coat('Blend 3', 'blend')] },
  { id: 'two-clears', name: 'Clear in two coats', says: 'A medium coat, then a full wet one.', coats: [coat('Clear 1', 'clear', 0.85), coat('Clear 2', 'clear', 1.15)] },
  { id: 'clear-polished', name: 'Clear in three, to flat and polish', says: 'One more than needed: flatting takes it off again.', coats: [coat('Clear 1', 'clear', 1), coat('Clear 2', 'clear', 1), coat('Clear 3', 'clear', 1, 15e-6)] },
  { id: 'gel-passes', name: 'Gel coat in passes', says: 'Built in passes to one thick wet film: too thin it is attacked by the laminate, too thick it cracks.', coats: [coat('Pass 1', 'gel', 1), coat('Pass 2', 'gel', 1), coat('Pass 3', 'gel', 1)] },
  { id: 'moisture-pair', name: 'Moisture-curing pair', says: 'Two light coats, the second inside the tack of the first.', coats: [coat('Light 1', 'moisture', 1), coat('Light 2', 'moisture', 1)] },
  { id: 'lacquer-faces', name: 'Lacquer, sealed and built', says: 'A first coat that raises the grain, sanded lightly, then two to build.', coats: [coat('Seal', 'lacquer', 0.9, 5e-6), coat('Build', 'lacquer', 1), coat('Last', 'lacquer', 1)] },
  { id: 'wall', name: 'Wall, two coats', says: 'The first drinks in, the second hides.', coats: [coat('First', 'wall', 1), coat('Second', 'wall', 1)] },
];
