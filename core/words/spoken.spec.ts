import { meantBy, spoken } from './spoken';

describe('what people say', () => {
  it('is put into the words used here, whatever stands beside it', () => {
    expect(meantBy('doming')).toEqual(['doming', 'short foot']);
    expect(meantBy('Resistance  band seated')).toContain('band seated');
    expect(meantBy('yoga block')).toContain('block');
  });

  it('is heard as whole words only: nobody means a step by a curbed one', () => {
    expect(meantBy('curbed')).toEqual(['curbed']);
    expect(meantBy('dominant')).toEqual(['dominant']);
  });

  it('leaves everything else as it is', () => {
    expect(meantBy('inversion band')).toEqual(['inversion band']);
    expect(meantBy('')).toEqual(['']);
  });

  it('has each word once', () => {
    const words = spoken.map((s) => s.word);
    expect(new Set(words).size).toBe(words.length);
  });

  it('takes a teacher’s own words first', () => {
    expect(meantBy('seaweed toes', [{ word: 'seaweed toes', means: 'spread and narrow' }])[1]).toBe(
      'spread and narrow',
    );
    expect(meantBy('doming', [{ word: 'doming', means: 'three points' }])[1]).toBe('three points');
  });
});
