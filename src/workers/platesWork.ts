import { DRESSES } from '@/catalogue/dresses';
import {
  animalOf,
  type Detail,
  type Dress,
  dressOf,
  type Flat,
  flatOf,
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
  /** The keeper's own dress for it; null takes the catalogue's. */
  readonly dress: Dress | null;
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

/** A dress that cannot be read is drawn as a plain fish: there is always a picture. */
const animalAsked = ({ id, dress, shape, colours, depthRatio, wearer }: PictureAsked) => {
  const plain = plainDress(shape, colours);
  try {
    return animalOf(dressOf(dress ?? DRESSES[id] ?? plain, wearer), depthRatio);
  } catch {
    return animalOf(plain, depthRatio);
  }
};

/** Sexes and ages without a dress of their own have one picture, that of all. */
const asWorn = (asked: PictureAsked): PictureAsked => {
  const dress = asked.dress ?? DRESSES[asked.id];
  return asked.wearer !== null && dress?.[asked.wearer] === undefined ? { ...asked, wearer: null } : asked;
};

const textOf = ({ id, wearer, dress }: PictureAsked): string =>
  `${id} ${wearer ?? ''} ${dress ? JSON.stringify(dress) : ''}`;

/** What the picture worker does; plain functions, so that a test and a bench can call them without a worker. */
export const platesWork = {
  draw: (asked: readonly PictureAsked[]): readonly Plate[] =>
    asked.map(asWorn).map((one) => plateOf(animalAsked(one), one.detail, DRAWN_FOR[one.detail], textOf(one))),
  scenes: (asked: readonly SceneAsked[]): readonly Scene[] => asked.map(sceneOf),
  flat: (asked: readonly PictureAsked[]): readonly Flat[] =>
    asked.map((one) => flatOf(animalAsked(asWorn(one)))),
};
export type PlatesWork = typeof platesWork;
