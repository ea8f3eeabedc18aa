import { renderHook } from '@testing-library/react';
import { usePart } from './usePart';

const PARTS = [
  ['list', 'List'],
  ['candidates', 'What could I add?'],
] as const;

describe('the part of a screen', () => {
  it.each([
    ['', 'list'],
    ['?part=candidates', 'candidates'],
    ['?part=joins', 'candidates'],
    ['?part=nowhere', 'list'],
    ['?part=constructor', 'list'],
  ])('for the address "%s" is %s', (query, part) => {
    window.history.replaceState(null, '', `/stock${query}`);
    expect(renderHook(() => usePart(PARTS, { joins: 'candidates' })).result.current).toBe(part);
  });
});
