export { EXPERIENCE_FORMAT, readExperience } from './experienceFile';
export type { ExperienceFile } from './experienceFile';
export { poolOf } from './pool';
export { experienceOf } from './summed';
export { experienceIn } from './staysIn';
export type { TankSaid } from './staysIn';
export type { Stay } from './stay';
