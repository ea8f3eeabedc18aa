export { EXPERIENCE_FORMAT, readExperience } from './experienceFile';
export type { ExperienceFile } from './experienceFile';
export { poolOf } from './pool';
export { experienceOf } from './summed';
