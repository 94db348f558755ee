/** The parts of the chart library used here; the package ships no types of its own. */
declare module 'plotly.js-cartesian-dist-min' {
  export type Data = Record<string, unknown>;
  export type Layout = Record<string, unknown>;
  export type Config = Record<string, unknown>;
  export function react(
    element: HTMLElement,
    data: Data[],
    layout: Partial<Layout>,
    config: Partial<Config>,
  ): Promise<void>;
  export const Plots: { resize(element: HTMLElement): Promise<void> };
  export function purge(element: HTMLElement): void;
}
