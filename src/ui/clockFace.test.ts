import { clockFace } from './clockFace';

it('shows minutes and seconds', () =>
  expect([0, 59.9, 60, 754].map(clockFace)).toEqual(['0:00', '0:59', '1:00', '12:34']));
