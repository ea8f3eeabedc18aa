import type { Flat, Plate } from '@/core/plates';
import type { Scene, SceneAsked } from '@/core/scene';
import type { PictureAsked } from '@/workers/platesWork';

/** Draws many pictures at once; settles always. */
export interface Drawer {
  readonly draw: (asked: readonly PictureAsked[]) => Promise<readonly Plate[]>;
  readonly flat: (asked: readonly PictureAsked[]) => Promise<readonly Flat[]>;
  readonly scenes: (asked: readonly SceneAsked[]) => Promise<readonly Scene[]>;
}

/** Pictures that were drawn, each once; those that are asked for are drawn together. */
export interface PictureBook {
  /** The picture, or null while it is being drawn. */
  readonly plate: (asked: PictureAsked) => Plate | null;
  readonly flat: (asked: PictureAsked) => Flat | null;
  readonly scene: (asked: SceneAsked) => Scene | null;
  /** Tells when pictures were drawn. Returns what ends it. */
  readonly listen: (tell: () => void) => () => void;
}

const keyOf = ({ id, lines, wearer, detail, shape, colours, depthRatio }: PictureAsked): string =>
  [id, wearer ?? '', detail, shape, colours.join(), depthRatio, ...lines].join('|');

const SCENE_KEYS = new WeakMap<SceneAsked, string>();

/** The name of a scene: written once for each object that asks. */
function sceneKey(asked: SceneAsked): string {
  const had = SCENE_KEYS.get(asked);
  if (had !== undefined) return had;
  const key = JSON.stringify(asked);
  SCENE_KEYS.set(asked, key);
  return key;
}

/** So many pictures are asked for at once, so that the first are there soon. */
const AT_ONCE = 6;
/** So many scenes are kept: a tank gives a new one with each change of its list. */
const SCENES = 80;

class Shelf<A, T> {
  private readonly drawn = new Map<string, T>();
  private readonly waiting = new Map<string, A>();
  private isDrawing = false;

  constructor(
    private readonly name: (asked: A) => string,
    private readonly draw: (asked: readonly A[]) => Promise<readonly T[]>,
    private readonly told: () => Promise<void>,
    private readonly most = Infinity,
  ) {}

  get(asked: A): T | null {
    const key = this.name(asked);
    const had = this.drawn.get(key);
    if (had) return had;
    // Looked at last, drawn first: what a keeper scrolled past can wait.
    this.waiting.delete(key);
    this.waiting.set(key, asked);
    if (!this.isDrawing) {
      this.isDrawing = true;
      queueMicrotask(() => void this.next());
    }
    return null;
  }

  private async next(): Promise<void> {
    while (this.waiting.size > 0) {
      const batch = [...this.waiting].slice(-AT_ONCE);
      for (const [key] of batch) this.waiting.delete(key);
      const pictures = await this.draw(batch.map(([, asked]) => asked));
      batch.forEach(([key], i) => {
        const picture = pictures[i];
        if (picture) this.drawn.set(key, picture);
      });
      while (this.drawn.size > this.most) this.drawn.delete(this.drawn.keys().next().value as string);
      await this.told();
    }
    this.isDrawing = false;
  }
}

/** A scene shows what a press has changed, but the verdict on it comes first: it follows so long after the press, ms. */
const SCENE_AFTER_MS = 120;

/**
 * A book of pictures over a drawer. Pictures are told of once hands rest, by `rest` for so many milliseconds: putting them on
 * the page takes it a while.
 */
export function pictureBook(drawer: Drawer, rest: (ms?: number) => Promise<void>): PictureBook {
  const listeners = new Set<() => void>();
  const told = (): void => {
    for (const tell of [...listeners]) tell();
  };
  const toldAtRest = (ms?: number) => async (): Promise<void> => rest(ms).then(told);
  const plates = new Shelf(keyOf, drawer.draw, toldAtRest());
  const flats = new Shelf(keyOf, drawer.flat, toldAtRest());
  const scenes = new Shelf<SceneAsked, Scene>(sceneKey, drawer.scenes, toldAtRest(SCENE_AFTER_MS), SCENES);
  return {
    plate: (asked) => plates.get(asked),
    flat: (asked) => flats.get({ ...asked, detail: 'mark' }),
    scene: (asked) => scenes.get(asked),
    listen: (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
  };
}
