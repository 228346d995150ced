import { catalogue } from '@core/exercise/catalogue';
import { SearchIndex } from './search-index';

describe('finding an exercise by what people say (practice)', () => {
  const index = new SearchIndex(catalogue.map((exercise) => ({ exercise, revision: '0', removed: false }) as never));
  const first = (asked: string) => [...(index.find(asked)?.keys() ?? [])].slice(0, 8);

  it.each([
    ['doming', 'short-foot'],
    ['lacing', 'fingers-between-toes'],
    ['interlace', 'fingers-between-toes'],
    ['knuckles', 'toes-curled-by-hand'],
    ['grounding', 'ground-the-toes'],
    ['tip toes', 'half-toe-walk'],
    ['plantar fascia', 'ball-along-the-sole'],
    ['sickling', 'band-turn-out'],
    ['resistance band', 'band-turn-in'],
    ['spiky ball', 'sore-spot-wait'],
    ['fist-sized ball', 'arch-on-a-ball'],
    ['rolling pin', 'ball-along-the-sole'],
    ['yoga block', 'beam-squat'],
    ['balance dome', 'half-ball-step'],
    ['slant board', 'incline-rise'],
    ['kerb', 'kerb-stretch'],
    ['curb', 'kerb-stretch'],
    ['belt', 'strap-press-inner'],
    ['skipping rope', 'strap-press-inner'],
    ['backward walk', 'backward-loading-step'],
    ['reassess', 'walk-and-compare'],
  ])('“%s” finds %s among the first eight', (asked, id) => {
    expect(first(asked)).toContain(id);
  });

  it('understands a word of the teacher’s own', () => {
    expect(index.find('seaweed')?.size).toBe(0);
    const own = [{ word: 'seaweed', means: 'spread and narrow' }];
    expect([...(index.find('seaweed', own)?.keys() ?? [])][0]).toBe('spread-and-narrow');
  });
});
