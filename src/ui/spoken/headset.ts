/** A second of silence: a headset sends its button only to what is playing. 8-bit mono at 8 kHz. */
function silence(): Blob {
  const samples = 8000;
  const bytes = new Uint8Array(44 + samples).fill(128);
  const head = new DataView(bytes.buffer);
  const word = (at: number, text: string) =>
    [...text].forEach((letter, i) => head.setUint8(at + i, letter.charCodeAt(0)));
  word(0, 'RIFF');
  head.setUint32(4, 36 + samples, true);
  word(8, 'WAVEfmt ');
  head.setUint32(16, 16, true);
  head.setUint16(20, 1, true);
  head.setUint16(22, 1, true);
  head.setUint32(24, samples, true);
  head.setUint32(28, samples, true);
  head.setUint16(32, 1, true);
  head.setUint16(34, 8, true);
  word(36, 'data');
  head.setUint32(40, samples, true);
  return new Blob([bytes], { type: 'audio/wav' });
}

/**
 * Listens to the button of a headset while a page is at the gun: play, pause and forward are next, back is undo.
 *
 * @returns ends it
 */
export function listenToHeadset(next: () => void, undo: () => void): () => void {
  if (typeof navigator === 'undefined' || !('mediaSession' in navigator)) return () => undefined;
  const address = URL.createObjectURL(silence());
  const audio = new Audio(address);
  audio.loop = true;
  void audio.play().catch(() => undefined);
  const { mediaSession } = navigator;
  const does: Partial<Record<MediaSessionAction, () => void>> = {
    play: next,
    pause: next,
    nexttrack: next,
    previoustrack: undo,
  };
  const set = (handlers: typeof does) => {
    for (const action of Object.keys(does) as MediaSessionAction[])
      try {
        mediaSession.setActionHandler(action, handlers[action] ?? null);
      } catch {
        // A browser without this button has the others.
      }
  };
  set(does);
  return () => {
    set({});
    audio.pause();
    URL.revokeObjectURL(address);
  };
}
