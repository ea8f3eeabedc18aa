import { SHIPPED_SPECIES } from '@/catalogue';
import { DRESSES } from '@/catalogue/dresses';
import { commonName, type SpeciesProfile } from '@/core/model';
import { animalOf, dressOf, plateOf, random } from '@/core/plates';

/** A sheet of pictures without names, and what stands on it. */
export interface Sheet {
  readonly html: string;
  /** Number, name, scientific name and group of each picture. */
  readonly key: readonly string[];
}

const ON_A_SHEET = 60;
const COLUMNS = 8;
const [CELL_PX, HIGH_PX] = [184, 124];

/** All species and forms in an order that a seed decides. */
function shuffled(seed: number): readonly SpeciesProfile[] {
  const roll = random(seed);
  return SHIPPED_SPECIES.map((profile) => ({ profile, at: roll() }))
    .sort((a, b) => a.at - b.at)
    .map(({ profile }) => profile);
}

function picture(profile: SpeciesProfile): string {
  const animal = animalOf(dressOf(DRESSES[profile.id] ?? {}, null), profile.size.depthRatio);
  const { inner, viewBox } = plateOf(animal, 'plate', CELL_PX, profile.id);
  const scale = Math.min((CELL_PX - 12) / viewBox[2], (HIGH_PX - 24) / viewBox[3]);
  return `<svg viewBox="${viewBox.join(' ')}" width="${Math.round(viewBox[2] * scale)}" height="${Math.round(viewBox[3] * scale)}">${inner}</svg>`;
}

/** Sheets of sixty pictures for somebody to name, and the key to each, in an order that the seed decides. */
export function sheets(seed: number): readonly Sheet[] {
  const all = shuffled(seed);
  return Array.from({ length: Math.ceil(all.length / ON_A_SHEET) }, (_, at) => {
    const shown = all.slice(at * ON_A_SHEET, (at + 1) * ON_A_SHEET);
    const cells = shown.map((profile, i) => `<div><span>${i + 1}</span>${picture(profile)}</div>`);
    return {
      html: `<!doctype html><style>*{margin:0;box-sizing:border-box}body{background:#f6f5f0;color:#14242b;font:12px sans-serif}main{display:grid;grid-template-columns:repeat(${COLUMNS},${CELL_PX}px);gap:4px;padding:8px}div{height:${HIGH_PX}px;display:grid;place-items:center;position:relative}span{position:absolute;left:2px;top:2px;color:#4a5a61}</style><main>${cells.join('')}</main>`,
      key: shown.map(
        (profile, i) => `${i + 1}. ${commonName(profile)} (${profile.scientificName}), ${profile.kin}`,
      ),
    };
  });
}
