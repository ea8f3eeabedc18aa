import { useState, useSyncExternalStore } from 'react';
import { BOOK } from '@/plates/book';
import type { Scene, SceneAsked } from '@/core/scene';

const none = (): null => null;

/** The scene that is asked for; the last one while a new one is drawn. */
export function useScene(asked: SceneAsked): Scene | null {
  const scene = useSyncExternalStore(BOOK.listen, () => BOOK.scene(asked), none);
  const [last, setLast] = useState(scene);
  if (scene && scene !== last) setLast(scene);
  return scene ?? last;
}
