import { atOnce } from '../kernel';
import type { Standing } from '../events';
import { type CourseAsked, courseInSteps } from './rankingOf';
import type { Contest, Return } from './eloRanking';

/** Contests and returns of a tank as plain numbers, so that a hundred thousand of them cross to a worker at once. */
export interface PackedCourse {
  readonly ids: readonly string[];
  /** Who won, or who came back, as a place in `ids`. */
  readonly first: Int32Array;
  /** Who lost; -1 for one that came back. */
  readonly second: Int32Array;
  /** What each contest weighs. */
  readonly weight: Float64Array;
  /** 1 for a contest that neither won. */
  readonly undecided: Uint8Array;
}

/** A packed course with its moments, which stay where they are: the worker answers by places in them. */
export interface Course {
  readonly packed: PackedCourse;
  /** ISO moments, one a contest or return. */
  readonly on: readonly string[];
  /** How many of the contests are from tanks in which the fish lived before. */
  readonly before: number;
}

/** The course of a tank, packed; with pauses in it. Complexity: one walk over the journal. */
export function* packCourseInSteps(
  happenings: readonly Standing[],
  asked: CourseAsked,
): Generator<undefined, Course> {
  const course = yield* courseInSteps(happenings, asked);
  yield;
  const places = new Map<string, number>();
  const placeOf = (id: string): number => {
    const known = places.get(id);
    if (known !== undefined) return known;
    places.set(id, places.size);
    return places.size - 1;
  };
  const first = new Int32Array(course.length);
  const second = new Int32Array(course.length);
  const weight = new Float64Array(course.length).fill(1);
  const undecided = new Uint8Array(course.length);
  const on: string[] = [];
  for (const [i, one] of course.entries()) {
    first[i] = placeOf('back' in one ? one.back : one.winner);
    second[i] = 'back' in one ? -1 : placeOf(one.loser);
    if (!('back' in one)) {
      weight[i] = one.weight ?? 1;
      undecided[i] = one.undecided ? 1 : 0;
    }
    on.push(one.on);
    if (i % CONTESTS_A_STEP === CONTESTS_A_STEP - 1) yield;
  }
  return {
    packed: { ids: [...places.keys()], first, second, weight, undecided },
    on,
    before: course.reduce((sum, one) => sum + ('isBefore' in one && one.isBefore ? 1 : 0), 0),
  };
}

/** So many contests are packed before the packing can pause. */
const CONTESTS_A_STEP = 10_000;

/** The same in one go. */
export const packCourse = (happenings: readonly Standing[], asked: CourseAsked): Course =>
  atOnce(packCourseInSteps(happenings, asked));

/** The course again; the moment of each is its place in it. */
export function unpackCourse({
  ids,
  first,
  second,
  weight,
  undecided,
}: PackedCourse): readonly (Contest | Return)[] {
  return Array.from(first, (who, i): Contest | Return =>
    second[i]! < 0
      ? { back: ids[who]!, on: String(i) }
      : {
          winner: ids[who]!,
          loser: ids[second[i]!]!,
          on: String(i),
          weight: weight[i]!,
          undecided: undecided[i] === 1,
        },
  );
}

/** The first place in a course that is not before a moment. Moments are in order. */
export function placeFrom(on: readonly string[], moment: string): number {
  let [low, high] = [0, on.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (on[middle]! < moment) low = middle + 1;
    else high = middle;
  }
  return low;
}
