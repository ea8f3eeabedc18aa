import { recall, remember } from './browserMemory';

const ASKED = 'lomvik.asked-to-keep';

/** Whether the browser has promised to keep what is stored here; null where it does not say. */
export async function isKept(): Promise<boolean | null> {
  try {
    return await navigator.storage.persisted();
  } catch {
    return null;
  }
}

/** Asks the browser to keep what is stored here: once by itself, now that there is something to lose, and again when the keeper says so. */
export async function askToKeep({ again = false }: { readonly again?: boolean } = {}): Promise<void> {
  if ((!again && recall('localStorage', ASKED) !== null) || (await isKept()) !== false) return;
  remember('localStorage', ASKED, 'yes');
  await navigator.storage.persist().catch(() => false);
}
