import { useEffect } from 'react';

const FOCUSABLE =
  'a[href], button:not([disabled]), input:not([disabled]), select:not([disabled]), textarea:not([disabled]), summary, [tabindex]:not([tabindex="-1"])';

const focusables = (within: Element): readonly HTMLElement[] =>
  [...within.querySelectorAll<HTMLElement>(FOCUSABLE)].filter((one) => !one.closest('[hidden], [inert]'));

/** Where on the page an element was, so that the focus can go to its neighbour when it is gone. */
export interface Place {
  readonly element: HTMLElement;
  /** The address of the screen. */
  readonly path: string;
  /** What it stood in, from the inside out, and its number among what can be focused there. */
  readonly around: readonly { readonly within: Element; readonly number: number }[];
}

/** The place of the focused element; null when nothing in particular has the focus. */
export function placeOf(element: Element | null): Place | null {
  if (!(element instanceof HTMLElement) || element === document.body) return null;
  const around: { within: Element; number: number }[] = [];
  for (
    let within = element.parentElement;
    within && within !== document.body;
    within = within.parentElement
  ) {
    around.push({ within, number: focusables(within).indexOf(element) });
    if (within.tagName === 'MAIN') break;
  }
  return { element, path: window.location.pathname, around };
}

/** A field that would be typed into: the focus never lands there by itself. */
const typedInto = (one: HTMLElement): boolean =>
  one.matches('textarea, select, input:not([type="checkbox"]):not([type="radio"])');

/** The nearest of these to a number that is not typed into: the one in that place, those after it, those before it. */
function nearest(all: readonly HTMLElement[], number: number): HTMLElement | undefined {
  const from = Math.min(Math.max(number, 0), all.length - 1);
  return [...all.slice(from), ...all.slice(0, Math.max(from, 0)).reverse()].find((one) => !typedInto(one));
}

/** Gives the focus to what is no control. */
function focusItself(part: Element | null): void {
  if (!(part instanceof HTMLElement)) return;
  part.tabIndex = -1;
  part.focus();
}

/** Gives the focus back to where it was, or to what now stands in that place, or to the part of the page around it. */
export function returnTo({ element, path, around }: Place): void {
  if (element.isConnected && !element.matches(':disabled')) return element.focus();
  // On another screen nothing stands in that place: a reader begins at its head.
  if (path !== window.location.pathname) return focusItself(document.querySelector('main'));
  for (const { within, number } of around) {
    if (!within.isConnected) continue;
    const next = nearest(focusables(within), number);
    if (next) return next.focus();
    if (within.tagName === 'MAIN') return focusItself(within);
  }
}

/**
 * Keeps the focus on the page: when what has it goes away (a removed line, a button that can no longer be pressed, a form
 * that is done), it passes to what stands in that place, never to the top of the page.
 */
export function useKeepFocus(): void {
  useEffect(() => {
    let last: Place | null = null;
    const onFocus = (event: FocusEvent): void => {
      const { target } = event;
      // A dialog gives the focus back itself.
      last = target instanceof Element && !target.closest('[role="dialog"]') ? placeOf(target) : null;
    };
    const look = (): void => {
      if (!last) return;
      const { activeElement } = document;
      // A browser takes the focus from a button that can no longer be pressed, but only later.
      const gone = !last.element.isConnected || last.element.matches(':disabled');
      const nowhere =
        activeElement === null || activeElement === document.body || activeElement === last.element;
      if (!gone || !nowhere) return;
      const place = last;
      last = null;
      returnTo(place);
    };
    const observer = new MutationObserver(look);
    document.addEventListener('focusin', onFocus);
    observer.observe(document.body, {
      childList: true,
      subtree: true,
      attributes: true,
      attributeFilter: ['disabled'],
    });
    return () => {
      document.removeEventListener('focusin', onFocus);
      observer.disconnect();
    };
  }, []);
}
