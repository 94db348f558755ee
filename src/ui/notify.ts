/** A passing note of what was done, with a way back where there is one. */
export interface Note {
  readonly says: string;
  readonly undo?: () => void;
}

const waiting: ((shower: typeof show) => void)[] = [];
let show: ((note: Note) => () => void) | undefined;
let wake: (() => void) | undefined;

/**
 * Shows a note. The part that draws it is fetched with the first one; until then notes wait.
 *
 * @returns takes the note away again
 */
export function notify(says: string, undo?: () => void): () => void {
  const note = { says, undo };
  if (show) return show(note);
  let shown: (() => void) | undefined;
  const wait = (shower: typeof show) => {
    shown = shower?.(note);
  };
  waiting.push(wait);
  wake?.();
  return () => {
    const at = waiting.indexOf(wait);
    if (at >= 0) waiting.splice(at, 1);
    shown?.();
  };
}

/** Called by the frame: tells it when the first note has to be shown. */
export function onFirstNote(listener: () => void): () => void {
  wake = listener;
  return () => {
    wake = undefined;
  };
}

/** Called by what draws notes: hands over those that waited, and all that come. */
export function takeNotes(shower: (note: Note) => () => void): () => void {
  show = shower;
  for (const wait of waiting.splice(0)) wait(shower);
  return () => {
    show = undefined;
  };
}
