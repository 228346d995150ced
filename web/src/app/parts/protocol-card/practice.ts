import type { ProtocolDrawing } from '@core/measure';

/** Drawings to practise on, with their true angle: they ship with the application and are pictures like any other. */
export interface Practice {
  readonly words: string;
  readonly degrees: number;
  readonly url: string;
}

export const pictureWidth = 800;
export const pictureHeight = 520;

const picture = (body: string): string =>
  `data:image/svg+xml,${encodeURIComponent(
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${pictureWidth} ${pictureHeight}"><rect width="800" height="520" fill="#efe7d6"/><path d="M0 402H800" stroke="#8a7f6a" stroke-width="4"/>${body}</svg>`,
  )}`;

const skin = 'fill="#e3c4a4" stroke="#6b4a33" stroke-width="4" stroke-linejoin="round"';

/** A foot from its inner side, the big toe bent up by so many degrees about its joint at 560, 370. */
const toeAt = (degrees: number): Practice => ({
  words: 'a big toe',
  degrees,
  url: picture(
    `<path ${skin} d="M120 400q-46-8-40-60q4-40 40-60q26-20 30-110l110 0q6 70 60 96q90 34 190 62q60 14 60 44q0 28-40 28q-40-22-110-22q-100 0-160 22z"/>` +
      `<g transform="rotate(${-degrees} 560 370)"><path ${skin} d="M548 336q60-8 116 2q40 10 40 34q0 28-40 30q-60 4-122-2q-22-32 6-64z"/><path d="M560 370H690" stroke="#6b4a33" stroke-width="2" stroke-dasharray="6 6"/></g>` +
      `<circle cx="560" cy="370" r="5" fill="#6b4a33"/>`,
  ),
});

/** A shin over a flat foot that leans forward by so many degrees about the ankle at 300, 330. */
const shinAt = (degrees: number): Practice => ({
  words: 'a shin',
  degrees,
  url: picture(
    `<g transform="rotate(${degrees} 300 330)"><path ${skin} d="M258 340q-10-160 0-300l84 0q10 150 2 300z"/><path d="M300 330V60" stroke="#6b4a33" stroke-width="2" stroke-dasharray="6 6"/></g>` +
      `<path ${skin} d="M250 400q-26-40 0-84q40-40 84 0q70 40 190 50q40 8 40 34z"/><circle cx="300" cy="330" r="5" fill="#6b4a33"/>`,
  ),
});

export const toePractice: readonly Practice[] = [65, 28, 84].map(toeAt);
export const shinPractice: readonly Practice[] = [38, 24, 46].map(shinAt);

/** A sheet seen a little askew, with a foot traced on it. */
export const tracedSheet = {
  url: picture(
    '<path d="M232 30L570 44L612 500L186 486Z" fill="#fffdf8" stroke="#8a7f6a" stroke-width="3"/>' +
      '<path d="M330 440q-26-20-22-80q8-90 0-160q-8-70 24-104q20-22 52-12q30-6 52 10q34 26 38 78q4 60-14 130q-8 60-20 110q-14 44-62 44q-30 0-48-16z" fill="none" stroke="#1f2a44" stroke-width="4"/>' +
      '<circle cx="386" cy="424" r="6" fill="#1f2a44"/><circle cx="338" cy="180" r="6" fill="#1f2a44"/><circle cx="456" cy="206" r="6" fill="#1f2a44"/>',
  ),
} as const;

/** A heel from behind whose line leans by so many degrees, the tendon upright above it. */
const heelAt = (x: number, degrees: number): string =>
  `<g transform="translate(${x} 0)"><path ${skin} d="M-46 60l92 0q-8 90-10 170l-72 0q-2-80-10-170z"/><g transform="rotate(${degrees} 0 230)"><path ${skin} d="M-52 230q-10 90 6 150q40 30 92 0q16-60 6-150z"/><path d="M0 230V390" stroke="#b23a48" stroke-width="4"/></g><path d="M0 60V230" stroke="#6b4a33" stroke-width="3" stroke-dasharray="8 7"/></g>`;

/** Drawings beside a protocol whose words are not enough. */
export const drawings: Readonly<Record<ProtocolDrawing, { readonly url: string; readonly words: string } | null>> = {
  'big-toe': {
    url: toeAt(65).url,
    words: 'The toe bent up by 65 degrees: the angle between the floor and its first bone.',
  },
  'knee-to-wall': { url: shinAt(38).url, words: 'The shin leans forward over a foot that stays flat.' },
  tracing: {
    url: tracedSheet.url,
    words: 'A foot traced on a sheet, with dots under heel, inner ball and outer ball.',
  },
  'heel-line': {
    url: picture(`${heelAt(160, -12)}${heelAt(400, 0)}${heelAt(640, 12)}`),
    words:
      'Three left heels from behind, the heel line leaning out, upright and leaning in against the line of the tendon.',
  },
  'arch-height': {
    url: picture(
      `<path ${skin} d="M120 400q-46-8-40-60q4-40 40-60q26-20 30-110l110 0q6 70 60 96q90 34 190 62q110 20 150 44q20 14 4 28q-40 4-100 2q-40-26-110-28q-100 0-160 26z"/><circle cx="330" cy="322" r="9" fill="#b23a48"/><path d="M330 322V400M316 400h28" stroke="#b23a48" stroke-width="4"/>`,
    ),
    words:
      'A dot on the bony point of the inner side, in front of the ankle and below it; the height is from the floor to the dot.',
  },
  clock: null,
  sole: null,
};
