import { floorSuits } from './floor';
import { isFetched } from './kit';

describe('floors', () => {
  it('does not drag a towel over carpet or a mat (practice: the cloth must slide)', () => {
    expect(floorSuits('smooth-hard', [], 'carpet')).toBe(false);
    expect(floorSuits('smooth-hard', [], 'mat')).toBe(false);
    expect(floorSuits('smooth-hard', [], 'tile')).toBe(true);
  });

  it('keeps the top of the foot off bare boards', () => {
    expect(floorSuits('padded', [], 'wood')).toBe(false);
    expect(floorSuits('padded', [], 'mat')).toBe(true);
  });

  it('takes any floor that is not ruled out', () => {
    expect(floorSuits('any', ['outdoors'], 'wood')).toBe(true);
    expect(floorSuits('any', ['outdoors'], 'outdoors')).toBe(false);
  });

  it('fetches a band but not a wall', () => {
    expect(isFetched('band')).toBe(true);
    expect(isFetched('wall')).toBe(false);
  });
});
