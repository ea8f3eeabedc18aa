/** Small things that a browser remembers beside the room. Where it refuses, nothing is remembered and nothing fails. */

type Where = 'localStorage' | 'sessionStorage';

export function recall(where: Where, key: string): string | null {
  try {
    return window[where].getItem(key);
  } catch {
    return null;
  }
}

export function remember(where: Where, key: string, value: string): void {
  try {
    window[where].setItem(key, value);
  } catch {
    // The choice holds for this page.
  }
}

export function forget(where: Where, key: string): void {
  try {
    window[where].removeItem(key);
  } catch {
    // Nothing was remembered.
  }
}
