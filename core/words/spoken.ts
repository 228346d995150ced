/** What people say, and what it is called here; a teacher may add words of their own. */
export interface Spoken {
  readonly word: string;
  readonly means: string;
}

const says = (means: string, ...words: string[]): Spoken[] => words.map((word) => ({ word, means }));

/** Names from other rooms, for what the library and the glossary call otherwise (common practice, no source). */
export const spoken: readonly Spoken[] = [
  ...says('short foot', 'doming', 'foot dome'),
  ...says('fingers between toes', 'lacing', 'interlace', 'interlacing'),
  ...says('toes curled by hand', 'knuckles', 'knuckle'),
  ...says('ground the toes', 'grounding'),
  ...says('tiptoe', 'tip toes', 'tip toe', 'tip-toes'),
  ...says('sole', 'plantar fascia', 'plantar fasciitis'),
  ...says('turn foot out', 'sickling', 'sickled foot'),
  ...says('band', 'resistance band', 'elastic band', 'stretchy band'),
  ...says('firm ball', 'spiky ball', 'massage ball', 'lacrosse ball'),
  ...says('small soft ball', 'fist-sized ball', 'fist sized ball', 'squishy ball'),
  ...says('ball', 'tennis ball'),
  ...says('roll the sole', 'rolling pin', 'foam roller', 'bottle'),
  ...says('block', 'yoga block', 'brick'),
  ...says('half-ball', 'balance dome', 'wobble dome'),
  ...says('slope', 'slant board', 'wedge', 'ramp'),
  ...says('kerb', 'curb'),
  ...says('step', 'stair', 'stairs'),
  ...says('strap', 'belt', 'skipping rope', 'jump rope', 'scarf'),
  ...says('backwards step', 'backward walk', 'walking backwards', 'retro walk'),
  ...says('compare', 'reassess', 'retest', 're-test', 'check again'),
  ...says('heel raise', 'calf raise', 'calf raises', 'releve'),
  ...says('cloth', 'tea towel', 'towel scrunch', 'towel curls'),
  ...says('small things', 'marbles', 'marble pick-up'),
];

/**
 * What could be meant by what somebody asks for: the words themselves, and the same with each spoken name put into the
 * words used here. A teacher's own words go first.
 */
export function meantBy(asked: string, own: readonly Spoken[] = []): string[] {
  const said = ` ${asked.toLowerCase().trim().replace(/\s+/g, ' ')} `;
  const meant = [...own, ...spoken].flatMap(({ word, means }) => {
    const heard = ` ${word.toLowerCase().trim()} `;
    return said.includes(heard) ? [said.replace(heard, ` ${means} `).trim()] : [];
  });
  return [...new Set([asked, ...meant])];
}
