'use client';

import { type KeyboardEvent, type FocusEvent, useState } from 'react';

const FOCUSABLE = 'a[href], button:not([disabled])';
/** So many frames a row that is scrolled to has to appear. */
const PATIENCE = 30;
const PAGE = 10;

/** Where an arrow leads from a place in a list or a grid; null where the key means nothing here. */
export function roveTo(key: string, from: number, count: number, columns = 1): number | null {
  const steps: Readonly<Record<string, number>> = {
    ArrowDown: columns,
    ArrowUp: -columns,
    PageDown: PAGE * columns,
    PageUp: -PAGE * columns,
    ...(columns > 1 ? { ArrowRight: 1, ArrowLeft: -1 } : {}),
  };
  if (count === 0) return null;
  if (key === 'Home') return 0;
  if (key === 'End') return count - 1;
  const step = steps[key];
  if (step === undefined) return null;
  const to = from + step;
  // An arrow past the edge stays; a page past the edge goes to it.
  if (to >= 0 && to < count) return to;
  return key.startsWith('Page') ? Math.min(Math.max(to, 0), count - 1) : from;
}

/** What can have the focus in a place: itself, or what stands in it. */
function partsOf(place: HTMLElement): readonly HTMLElement[] {
  return place.matches(FOCUSABLE) ? [place] : [...place.querySelectorAll<HTMLElement>(FOCUSABLE)];
}

/** Gives the focus to a place as soon as it is drawn: the same part of its row as before. */
function focusPlace(box: HTMLElement, to: number, part: number, patience = PATIENCE): void {
  const place = box.querySelector<HTMLElement>(`[data-rove="${to}"]`);
  if (!place) {
    if (patience > 0) requestAnimationFrame(() => focusPlace(box, to, part, patience - 1));
    return;
  }
  const parts = partsOf(place);
  const one = parts[Math.min(part, parts.length - 1)];
  one?.focus();
  one?.scrollIntoView({ block: 'nearest' });
}

/**
 * One tab stop for a whole list: arrows, Home, End and the page keys walk it, left and right go through what stands in a row.
 * Give the box `keys`, each place `data-rove` with its number, and what can have the focus there
 * `tabIndex={tabIndexOf(number)}`. A list that draws only what is in sight tells with `show` how to bring a place there.
 * @param first the number that Tab leads to at first
 */
export function useRove(
  count: number,
  {
    columns = 1,
    first = 0,
    show,
  }: { readonly columns?: number; readonly first?: number; readonly show?: (at: number) => void } = {},
) {
  const [at, setAt] = useState<number | null>(null);
  const active = Math.min(at ?? Math.max(first, 0), Math.max(count - 1, 0));
  const onKeyDown = (event: KeyboardEvent<HTMLElement>): void => {
    if (event.altKey || event.ctrlKey || event.metaKey || event.shiftKey) return;
    const target = event.target as HTMLElement;
    const place = target.closest<HTMLElement>('[data-rove]');
    if (!place) return;
    const from = Number(place.dataset.rove);
    const parts = partsOf(place);
    const part = parts.indexOf(target);
    const aside = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (columns === 1 && aside !== 0 && parts.length > 1) {
      event.preventDefault();
      return parts[part + aside]?.focus();
    }
    const to = roveTo(event.key, from, count, columns);
    if (to === null) return;
    event.preventDefault();
    setAt(to);
    show?.(to);
    focusPlace(event.currentTarget, to, Math.max(part, 0));
  };
  const onFocus = (event: FocusEvent<HTMLElement>): void => {
    const place = event.target.closest<HTMLElement>('[data-rove]');
    if (place) setAt(Number(place.dataset.rove));
  };
  return {
    /** For what is drawn only in part: the place that Tab leads to, of those that are drawn. */
    tabIndexOf: (number: number, drawn?: readonly number[]): 0 | -1 => {
      const stop = drawn && drawn.length > 0 && !drawn.includes(active) ? drawn[0] : active;
      return number === stop ? 0 : -1;
    },
    keys: { onKeyDown, onFocus },
  };
}
