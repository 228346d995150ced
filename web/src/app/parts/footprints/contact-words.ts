import { type Contact, type FootState, type Place, placeNames, places } from '@core/exercise';

const verbs: Readonly<Record<Contact, string>> = { press: 'press', rest: 'rest', lift: 'lift', hang: 'hang' };

const wholeFoot = (meets: string): string =>
  meets === 'floor' || meets === 'air' ? 'the whole foot' : `the whole foot on ${meets}`;
const placeWord = (place: Place, meets: string): string =>
  meets === 'floor' || meets === 'air' ? placeNames[place] : `${placeNames[place]} on ${meets}`;

/** What the places of a foot do, gathered by contact: "press: heel, inner ball · lift: big toe". */
export function contactWords(
  state: FootState,
): { readonly contact: Contact; readonly verb: string; readonly places: string }[] {
  const order: Contact[] = ['press', 'lift', 'rest', 'hang'];
  const { middle } = state;
  return order.flatMap((contact) => {
    const found = places.filter((place) => state.contacts[place].contact === contact);
    const under = middle?.contact === contact ? [`middle of the sole on ${middle.meets}`] : [];
    if (found.length + under.length === 0) return [];
    const alike = new Set(found.map((place) => state.contacts[place].meets)).size === 1;
    const [first] = found;
    const whole = first && alike ? wholeFoot(state.contacts[first].meets) : 'the whole foot';
    const names = [
      ...(found.length === 5 ? [whole] : found.map((place) => placeWord(place, state.contacts[place].meets))),
      ...under,
    ].join(', ');
    return [{ contact, verb: verbs[contact], places: names }];
  });
}

const ankleWords: Readonly<Record<FootState['ankle'], string>> = {
  up: 'foot up',
  down: 'foot down',
  'turned-in': 'turned in, sole to the middle',
  'turned-out': 'turned out, sole away',
  neutral: 'ankle quiet',
};

/** The rest of the foot in a few words: ankle, toes, arch, heel height, knee. */
export function footWords(state: FootState): string[] {
  const words = [ankleWords[state.ankle], state.toes === 'on-tops' ? 'toes on their tops' : `toes ${state.toes}`];
  if (state.midfoot !== 'resting') words.push(state.midfoot === 'lifted' ? 'arch lifted' : 'arch let down');
  if (state.heelHeightCm > 0) words.push(`heel ${state.heelHeightCm} cm up`);
  words.push(`knee ${state.knee === 'locked' ? 'straight' : state.knee}`);
  if (state.hands) words.push(`a hand: ${state.hands.join(', ')}`);
  return words;
}
