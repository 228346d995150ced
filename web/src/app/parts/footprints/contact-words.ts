import { type Contact, type FootState, type Meets, placeNames, places } from '@core/exercise';

const verbs: Readonly<Record<Contact, string>> = { press: 'press', rest: 'rest', lift: 'lift', hang: 'hang' };

const plain: ReadonlySet<string> = new Set<Meets>(['floor', 'air']);
/** Places that meet one thing, said once: "heel, inner ball on block". */
const onThing = (names: readonly string[], meets: Meets): string =>
  plain.has(meets) ? names.join(', ') : `${names.join(', ')} on ${meets}`;

/** What the places of a foot do, gathered by contact: "press: heel, inner ball; middle of the sole on ball". */
export function contactWords(
  state: FootState,
): { readonly contact: Contact; readonly verb: string; readonly places: string }[] {
  const order: Contact[] = ['press', 'lift', 'rest', 'hang'];
  const { contacts, middle } = state;
  return order.flatMap((contact) => {
    const found = places.filter((place) => contacts[place].contact === contact);
    const met = [...new Set(found.map((place) => contacts[place].meets))].map((meets) => {
      const those = found.filter((place) => contacts[place].meets === meets);
      return onThing(those.length === 5 ? ['the whole foot'] : those.map((place) => placeNames[place]), meets);
    });
    const under = middle?.contact === contact ? [onThing(['middle of the sole'], middle.meets)] : [];
    const said = [...met, ...under];
    return said.length > 0 ? [{ contact, verb: verbs[contact], places: said.join('; ') }] : [];
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
