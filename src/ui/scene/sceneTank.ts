import type { PlanTank, SpeciesProfile } from '@/core/model';
import type { FloorPiece, Habit, SceneTank } from '@/core/scene';
import { furnishTank, tankFigures } from '@/core/tank';

/** Pieces of the map that the scene draws as others. */
const STANDS_AS: Readonly<Record<string, string>> = { cave: 'rock', root: 'wood' };

/** A tank as its scene is drawn: what the keeper said, and nothing where nothing was said. */
export function sceneTank(tank: PlanTank, pieces: readonly FloorPiece[], seed: string): SceneTank {
  const { furnished } = furnishTank(tank);
  const { hides } = tank;
  const counts = typeof hides === 'object' ? hides : { caves: hides ?? 0 };
  const filterPiece = pieces.find(({ kind }) => kind === 'filter');
  return {
    lengthCm: furnished.lengthCm,
    widthCm: furnished.widthCm,
    heightCm: furnished.heightCm,
    waterLineCm: furnished.waterLineCm,
    substrate: furnished.substrate,
    substrateCm: furnished.substrateCm,
    lid: tank.lid ?? true,
    lightHours: tank.lightHours ?? 0,
    plants: tank.plants ?? 'none',
    caves: Math.max(counts.caves ?? 0, pieces.filter(({ kind }) => kind === 'cave' || kind === 'pot').length),
    overhangs: counts.overhangs ?? 0,
    upright: counts.upright ?? 0,
    floating: Math.min(3, counts.floating ?? 0),
    shells: counts.shells ?? 0,
    hardscape: tank.hardscapeFraction ?? 0.05,
    filter:
      tank.filterLph === undefined && !filterPiece
        ? null
        : { turnover: tankFigures(furnished).turnoverPerHour, atX: filterPiece?.x ?? null },
    // A map from before the tank was corrected keeps what still stands in it.
    pieces: pieces
      .filter(({ x, y }) => x <= furnished.lengthCm && y <= furnished.widthCm)
      // The floor map counts from the front glass, the scene from the back pane.
      .map(({ kind, x, y, lengthCm, widthCm }) => ({
        kind: STANDS_AS[kind] ?? kind,
        x,
        y: furnished.widthCm - y,
        lengthCm,
        widthCm,
      })),
    seed,
  };
}

const MOSTLY = 0.6;

/** How a species keeps to its place, from its layers, its company and what it holds. */
export function habitOf({ life, layers, company, habits, size }: SpeciesProfile): Habit {
  if (life === 'shrimp' || life === 'snail') return 'perch';
  if (life === 'crayfish' || life === 'crab' || size.shape === 'flat') return 'bottom';
  if (company.holds === 'shell' || (company.holds === 'cave' && layers.bottom >= MOSTLY)) return 'cave';
  if (layers.bottom >= MOSTLY) return 'bottom';
  if (layers.top >= MOSTLY) return 'surface';
  if (company.mode === 'shoal') return habits.activity >= 2 ? 'tight' : 'loose';
  if (company.mode === 'group' || company.mode === 'colony') return 'loose';
  return company.mode === 'pair' ? 'pair' : 'single';
}
