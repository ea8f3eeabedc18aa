export { backwards, cut, pointAt, type Segment } from './bezier';
export { distance, lerp, mix, pointsOf, type Point } from './point';
export { random } from './random';
export { refit } from './refit';
export { loop, spline } from './spline';
