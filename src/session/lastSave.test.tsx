import { isSaveDue, lastSaveOf, rememberSave } from './lastSave';

const room = (entries: number, today = '2027-03-10') => ({ today, entries, begunOn: '2027-03-01' });

describe('the last save', () => {
  it.each([
    ['a week with something new', { on: '2027-03-03', entries: 10 }, room(11), true],
    ['less than a week', { on: '2027-03-04', entries: 10 }, room(60), false],
    ['two hundred entries in a day', { on: '2027-03-10', entries: 10 }, room(210), true],
    ['a month in which nothing was written', { on: '2027-02-01', entries: 10 }, room(10), false],
    ['never, and the room is a week old', null, room(3), true],
    ['never, and the room is new', null, room(3, '2027-03-02'), false],
    ['an empty room', null, room(0), false],
  ])('%s', (_name, last, now, due) => expect(isSaveDue(last, now)).toBe(due));
  it('is remembered by room, and damage to it is no save', () => {
    rememberSave('own', { on: '2027-03-03', entries: 7 });
    expect(lastSaveOf('own')).toEqual({ on: '2027-03-03', entries: 7 });
    expect(lastSaveOf('demo')).toBeNull();
    window.localStorage.setItem('lomvik.saved.own', '{"on":7');
    expect(lastSaveOf('own')).toBeNull();
  });
});
