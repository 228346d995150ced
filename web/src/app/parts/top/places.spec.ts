import { routes } from '../../routes';
import { places, whereIs } from './places';

describe('where somebody is', () => {
  it('is the place itself, or what lies there', () => {
    expect(whereIs('/')).toEqual({ path: '/', itself: true });
    expect(whereIs('/log?words=ankle')).toEqual({ path: '/log', itself: true });
    expect(whereIs('/groups/lunch/look?check=one-leg-stand')).toEqual({ path: '/people', itself: false });
    expect(whereIs('/homework')).toEqual({ path: '/courses', itself: false });
  });

  it('is nowhere for what is kept of all: copies, and what was taken out', () => {
    const addresses = routes.map(({ path = '' }) => path).filter((path) => path !== '**');
    const nowhere = addresses.filter((path) => whereIs(`/${path}`) === null);
    expect(nowhere).toEqual(['safe', 'taken-out']);
  });

  it('is one place for each page', () => {
    const held = places.flatMap(({ holds }) => [...holds]);
    expect(new Set(held).size).toBe(held.length);
  });
});
