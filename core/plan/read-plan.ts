import { lengthsNotPasses } from '../dose';
import type { Result } from '../result';
import { type ReadError, readStored, throughout } from '../stored';
import { noMusic } from './music';
import { type PaceKey, defaultPace, paceDefaults } from './pace';
import { Plan } from './plan';
import { plainRoom } from './room';

type Document = Readonly<Record<string, unknown>>;
const isDocument = (value: unknown): value is Document => typeof value === 'object' && value !== null;

/** Concerns, the teacher's place and what was accepted came after the first classes. */
function withLaterFields(plan: Document): Document {
  const brief = typeof plan['brief'] === 'object' ? plan['brief'] : {};
  return { accepted: [], ...plan, brief: { concerns: [], teacherAt: 'walks', ...brief } };
}

/** The pace that classes had before it was read off real teaching anew: a figure that nobody had changed becomes today's. */
const earlierPace: Readonly<Record<string, number>> = {
  talkNewSeconds: 12,
  talkKnownSeconds: 4,
  sideSwitchSeconds: 5,
  fetchKitSeconds: 20,
};
/** What set-up was called, and which of today's figures a teacher's own stands for. */
const earlierSetup: Readonly<Record<string, readonly [was: number, now: PaceKey]>> = {
  knownSetupSeconds: [6, 'propsKnownSetupSeconds'],
  newSetupSeconds: [20, 'plainSetupSeconds'],
  propsSetupSeconds: [35, 'propsSetupSeconds'],
  fiddlySetupSeconds: [45, 'fiddlySetupSeconds'],
};

const all = (list: unknown, change: (one: Document) => Document): unknown =>
  Array.isArray(list) ? list.map((one: unknown) => (isDocument(one) ? change(one) : one)) : list;

/** Kit was fetched each time; set-up did not know what had just happened; a re-check did not say of what. */
function withMeasuredPace(plan: Document): Document {
  const brief = isDocument(plan['brief']) ? plan['brief'] : {};
  const pace = isDocument(plan['pace']) ? plan['pace'] : {};
  const own = Object.entries(pace).flatMap(([key, value]): [string, unknown][] => {
    const setup = earlierSetup[key];
    if (setup) return value === setup[0] ? [] : [[setup[1], value]];
    return key in paceDefaults && value !== earlierPace[key] ? [[key, value]] : [];
  });
  return {
    ...plan,
    blocks: all(plan['blocks'], (block) => ({
      compare: true,
      secondOrder: 'same',
      floor: null,
      ...block,
      items: all(block['items'], (item) => ({
        check: null,
        inEachPass: false,
        substitutes: [],
        floor: null,
        ...item,
        recheck: item['recheck'] === true ? { of: null } : null,
      })),
    })),
    brief: { kitOut: 'when-needed', cupboard: {}, ...brief },
    pace: { ...defaultPace(), ...Object.fromEntries(own) },
  };
}

/** All there was were exercises, each of them on its own. */
const withTalk = (plan: Document): Document => ({
  ...plan,
  blocks: all(plan['blocks'], (block) => ({
    ...block,
    items: all(block['items'], (item) => ({ ...item, kind: 'exercise', wornUntil: null })),
  })),
});

/** Classes did not know their group, nor how many do which option. */
const withGroup = (plan: Document): Document => ({
  ...plan,
  brief: { groupId: null, ...(isDocument(plan['brief']) ? plan['brief'] : {}) },
  blocks: all(plan['blocks'], (block) => ({
    ...block,
    items: all(block['items'], (item) => (item['kind'] === 'exercise' ? { heads: null, ...item } : item)),
  })),
});

/** Nothing was proposed. */
const withReasons = (plan: Document): Document => ({
  ...plan,
  blocks: all(plan['blocks'], (block) => ({
    ...block,
    items: all(block['items'], (item) => (item['kind'] === 'exercise' ? { because: '', ...item } : item)),
  })),
});

/** How far a class strays from its plan was the same for every teacher. */
const withSpreads = (plan: Document): Document => {
  const { workSpread, aroundSpread, daySpread } = defaultPace();
  const pace = isDocument(plan['pace']) ? plan['pace'] : {};
  return { ...plan, pace: { workSpread, aroundSpread, daySpread, ...pace } };
};

/** Where the class stands, what its idea is about and what music it has were not said. */
const withRoomAndMusic = (plan: Document): Document => ({
  music: noMusic,
  ...plan,
  brief: {
    ideaTie: null,
    teachers: 1,
    room: plainRoom,
    ...(isDocument(plan['brief']) ? plan['brief'] : {}),
  },
  blocks: all(plan['blocks'], (block) => ({
    ...block,
    items: all(block['items'], (item) => (item['kind'] === 'exercise' ? { piece: null, ...item } : item)),
  })),
});

const upgrades = [
  // 0: before plans carried a number
  withLaterFields,
  // 1: lengths of the room were passes
  (plan: Document) => throughout(lengthsNotPasses)(withLaterFields(plan)),
  withMeasuredPace,
  // 3: no talk of its own, nothing worn
  withTalk,
  // 4: no group
  withGroup,
  // 5: checks were those of Needlework alone
  (plan: Document) => plan,
  // 6: no idea to say
  (plan: Document) => ({ ...plan, brief: { idea: '', ...(isDocument(plan['brief']) ? plan['brief'] : {}) } }),
  // 7: no proposals, so nothing said why an exercise was there
  withReasons,
  // 8: how far a class strays was the same for every teacher
  withSpreads,
  // 9: no room, no music, an idea in words alone
  withRoomAndMusic,
];

/**
 * Reads a class that was stored, drafted or imported: an older one is brought up to date, a newer one is refused.
 * @example readPlan(JSON.parse(row.plan))
 */
export const readPlan = (stored: unknown): Result<Plan, ReadError> => readStored(Plan, upgrades, stored);
