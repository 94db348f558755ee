/** A line to a device: what it says arrives line by line until it is closed. */
export interface LinePort {
  readonly close: () => void;
}

/** Opens a line. @param lost the device went away by itself */
export type OpenLine = (onPiece: (piece: string) => void, lost: (why: string) => void) => Promise<LinePort>;

/** As much of a serial port as is used here: browsers without one have none of it. */
interface SerialPort {
  readonly readable: ReadableStream<Uint8Array> | null;
  readonly open: (options: { readonly baudRate: number }) => Promise<void>;
  readonly close: () => Promise<void>;
}
interface Serial {
  readonly requestPort: () => Promise<SerialPort>;
}

const serialHere = (): Serial | undefined =>
  typeof navigator === 'undefined' ? undefined : (navigator as { readonly serial?: Serial }).serial;

/** Can a device on a cable be read here at all? */
export const hasSerial = (): boolean => serialHere() !== undefined;

/** Why a port that was asked for did not open, as a person reads it. */
function whyNot(error: unknown): string {
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'NotFoundError') return 'No device was chosen.';
  if (name === 'SecurityError' || name === 'NotAllowedError')
    return 'The browser does not allow it. Allow serial devices in the settings of this site.';
  if (name === 'NetworkError' || name === 'InvalidStateError')
    return 'The device is held by something else. Close what else reads it, unplug it, and try again.';
  return 'The device could not be opened.';
}

/** A device on a cable, asked for by whoever taps. Speed of the line in bit/s. */
export const serialLine =
  (baudRate = 9600): OpenLine =>
  async (onPiece, lost) => {
    const serial = serialHere();
    if (!serial) throw new Error('This browser reads no devices on a cable.');
    let port: SerialPort;
    try {
      port = await serial.requestPort();
      await port.open({ baudRate });
    } catch (error) {
      throw new Error(whyNot(error));
    }
    const reader = port.readable?.getReader();
    const text = new TextDecoder();
    let over = false;
    const read = async () => {
      try {
        for (;;) {
          const { value, done } = (await reader?.read()) ?? { value: undefined, done: true };
          if (done) break;
          if (value) onPiece(text.decode(value, { stream: true }));
        }
      } catch {
        // Pulled out: said below.
      }
      if (!over) lost('The device went away. Is its cable in?');
    };
    void read();
    return {
      close: () => {
        over = true;
        void Promise.resolve(reader?.cancel())
          .catch(() => undefined)
          .then(() => port.close())
          .catch(() => undefined);
      },
    };
  };
