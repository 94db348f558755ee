/** Says to the other tabs which keys were written. */
export interface Tabs {
  announce(keys: readonly string[]): void;
  listen(heard: (keys: readonly string[]) => void): void;
  close(): void;
}

export function browserTabs(name = 'fluorite'): Tabs {
  if (typeof BroadcastChannel === 'undefined')
    return { announce: () => undefined, listen: () => undefined, close: () => undefined };
  const channel = new BroadcastChannel(name);
  return {
    announce: (keys) => channel.postMessage(keys),
    listen: (heard) => {
      channel.onmessage = ({ data }) => heard(data as readonly string[]);
    },
    close: () => channel.close(),
  };
}
