/** The forms in which a file may be handed on: some systems pass no JSON on, but any text. */
function forms(name: string, file: Blob): File[] {
  const own = new File([file], name, { type: file.type });
  return file.type === 'application/json'
    ? [own, new File([file], name.replace(/\.json$/, '.txt'), { type: 'text/plain' })]
    : [own];
}

/**
 * Hands a file to the system’s own sheet for sending.
 *
 * @returns `no` where the system takes none of its forms, or cannot send at all
 */
export async function handOn(name: string, file: Blob): Promise<'sent' | 'left' | 'no'> {
  const taken = forms(name, file).find((form) => navigator.canShare?.({ files: [form] }));
  if (!taken) return 'no';
  try {
    await navigator.share({ files: [taken], title: name });
    return 'sent';
  } catch (error) {
    // Closed without choosing where to.
    return error instanceof DOMException && error.name === 'AbortError' ? 'left' : 'no';
  }
}
