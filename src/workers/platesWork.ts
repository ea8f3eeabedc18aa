import { DRESSES } from '@/catalogue/dresses';
import {
  animalOf,
  type Detail,
  type Dress,
  dressFromLines,
  dressOf,
  type Flat,
  flatOf,
  MARKS,
  PIGMENTS,
  PLANS,
  plainDress,
  type Plate,
  plateOf,
  type Wearer,
} from '@/core/plates';

import { type Scene, type SceneAsked, sceneOf } from '@/core/scene';

/** Which picture is asked for. */
export interface PictureAsked {
  /** Species or form. */
  readonly id: string;
  /** The keeper's own dress for it, in lines; none takes the catalogue's. */
  readonly lines: readonly string[];
  /** What is drawn where there is no dress: a body shape, and colours by name. */
  readonly shape: string;
  readonly colours: readonly string[];
  /** Depth of the body in lengths with the tail. */
  readonly depthRatio: number;
  readonly wearer: Wearer | null;
  readonly detail: Detail;
}

/** How long a picture of each detail is on the page, in px: hairlines are drawn for it. */
const DRAWN_FOR: Readonly<Record<Detail, number>> = { mark: 24, glass: 72, plate: 300 };

const known = (id: string): Dress | undefined => (Object.hasOwn(DRESSES, id) ? DRESSES[id] : undefined);

/** The keeper's own dress over the catalogue's; nothing where there is neither. */
const dressAsked = ({ id, lines }: PictureAsked): Dress | undefined =>
  lines.length > 0 ? dressFromLines(lines, known) : known(id);

/** A dress that cannot be read is drawn as a plain fish: there is always a picture. */
function animalAsked(asked: PictureAsked) {
  const plain = plainDress(asked.shape, asked.colours);
  try {
    return animalOf(dressOf(dressAsked(asked) ?? plain, asked.wearer), asked.depthRatio);
  } catch {
    return animalOf(plain, asked.depthRatio);
  }
}

/** Sexes and ages without a dress of their own have one picture, that of all. */
const asWorn = (asked: PictureAsked): PictureAsked =>
  asked.wearer !== null && asked.lines.length === 0 && known(asked.id)?.[asked.wearer] === undefined
    ? { ...asked, wearer: null }
    : asked;

const textOf = ({ id, wearer, lines }: PictureAsked): string => `${id} ${wearer ?? ''} ${lines.join('|')}`;

/** What is wrong with a dress of the keeper's own, in words; null where it can be drawn. */
function faultIn(asked: PictureAsked): string | null {
  try {
    const dress = dressAsked(asked) ?? {};
    for (const wearer of [null, 'male', 'female', 'young'] as const)
      plateOf(animalOf(dressOf(dress, wearer), asked.depthRatio), 'plate', DRAWN_FOR.plate, 'fault');
    return null;
  } catch (error) {
    return error instanceof Error ? error.message : String(error);
  }
}

/** The words that a dress can use. */
export interface DressVocabulary {
  readonly plans: readonly string[];
  /** Colours by name, with what they look like. */
  readonly colours: readonly (readonly [name: string, hex: string])[];
  readonly marks: readonly string[];
}

/** What the picture worker does; plain functions, so that a test and a bench can call them without a worker. */
export const platesWork = {
  draw: (asked: readonly PictureAsked[]): readonly Plate[] =>
    asked.map(asWorn).map((one) => plateOf(animalAsked(one), one.detail, DRAWN_FOR[one.detail], textOf(one))),
  scenes: (asked: readonly SceneAsked[]): readonly Scene[] => asked.map(sceneOf),
  faults: (asked: readonly PictureAsked[]): readonly (string | null)[] => asked.map(faultIn),
  vocabulary: (): DressVocabulary => ({
    plans: Object.keys(PLANS).sort(),
    colours: Object.entries(PIGMENTS),
    marks: Object.keys(MARKS).sort(),
  }),
  flat: (asked: readonly PictureAsked[]): readonly Flat[] =>
    asked.map((one) => flatOf(animalAsked(asWorn(one)))),
};
export type PlatesWork = typeof platesWork;
