import type { Cue, CueScript } from '../cues';

/** A text shown or said between two instants of a class, ms. */
export interface TrackCue {
  readonly startMs: number;
  readonly endMs: number;
  /** The exercise it belongs to, as it is called; empty where it belongs to none. */
  readonly name: string;
  readonly words: string;
}

/**
 * The words of a class as a track: each from when it is said until it is said out, at the latest until the next one.
 * @param nameOf what an item is called
 */
export function trackOf({ cues }: CueScript, nameOf: (itemId: string) => string = () => ''): TrackCue[] {
  const inOrder = [...cues].sort((a, b) => a.startMs - b.startMs);
  return inOrder.flatMap((cue: Cue, i): TrackCue[] => {
    const next = inOrder[i + 1]?.startMs ?? Infinity;
    const endMs = Math.min(cue.startMs + Math.max(cue.sayMs, leastMs), next);
    const name = cue.itemId === null ? '' : nameOf(cue.itemId);
    return endMs > cue.startMs ? [{ startMs: cue.startMs, endMs, name, words: cue.words }] : [];
  });
}

/** Words that flash by are not read, ms (Needlework's own). */
const leastMs = 1000;

/**
 * A track as WebVTT, the open form of timed text. Each text is named by its number and its exercise, so that a class can be
 * made of it again.
 * @param title of the class, behind the first word of the file
 * @see W3C WebVTT: The Web Video Text Tracks Format
 */
export function webVtt(cues: readonly TrackCue[], title = ''): string {
  const blocks = cues.map(({ startMs, endMs, name, words }, i) => {
    const id = `${i + 1} ${oneLine(name)}`.trim();
    return `${id}\n${timestamp(startMs)} --> ${timestamp(endMs)}\n${escaped(words)}\n`;
  });
  return [`${`WEBVTT ${oneLine(title)}`.trim()}\n`, ...blocks].join('\n');
}

/** Beside its times: an arrow would be read as them. */
const oneLine = (words: string): string => words.replace(/\s+/g, ' ').replaceAll('-->', '→').trim();

/** hh:mm:ss.ttt */
function timestamp(ms: number): string {
  const two = (n: number) => String(n).padStart(2, '0');
  const [hours, minutes, seconds] = [
    Math.floor(ms / 3_600_000),
    Math.floor(ms / 60_000) % 60,
    Math.floor(ms / 1000) % 60,
  ];
  return `${two(hours)}:${two(minutes)}:${two(seconds)}.${String(Math.round(ms) % 1000).padStart(3, '0')}`;
}

/** One line of text: an empty line would end the cue, and `<` would begin a mark. */
const escaped = (words: string): string =>
  words.replace(/\s+/g, ' ').trim().replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');
