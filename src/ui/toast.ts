import type { toast as shown } from 'sonner';

type Shown = typeof shown;
type Text = Parameters<Shown['message']>[0];
type Options = Parameters<Shown['message']>[1];

let arrive: (toaster: Shown) => void = () => {};
const arrived = new Promise<Shown>((resolve) => (arrive = resolve));

/** Tells that the toasts have their place on the screen; those that came before are shown now. */
export const toasterArrived = (toaster: Shown): void => arrive(toaster);

const later =
  (how: (toaster: Shown) => (text: Text, options?: Options) => unknown) =>
  (text: Text, options?: Options): void =>
    void arrived.then((toaster) => how(toaster)(text, options));

/** Short words at the edge of the screen. The library that draws them is loaded behind the first picture. */
export const toast = Object.assign(
  later((toaster) => toaster),
  { error: later((toaster) => toaster.error) },
);
