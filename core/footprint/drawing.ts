/** A turn about a point of the drawing, degrees clockwise. */
export interface Turn {
  readonly degrees: number;
  readonly x: number;
  readonly y: number;
}

interface Shown {
  /** What it shows: "sole", "mark press", "thing block". Whoever paints gives it its ink. */
  readonly shows: string;
  /** Outermost first. */
  readonly turns: readonly Turn[];
}

/** One shape of a drawing, in the units of its box. */
export type Shape =
  | (Shown & { readonly is: 'path'; readonly d: string })
  | (Shown & {
      readonly is: 'ellipse';
      readonly cx: number;
      readonly cy: number;
      readonly rx: number;
      readonly ry: number;
    })
  | (Shown & {
      readonly is: 'rect';
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly height: number;
      readonly round: number;
    });

/** A foot as shapes, drawn as a right one, in the order in which they lie on each other. */
export interface Drawing {
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  readonly shapes: readonly Shape[];
}

export const path = (shows: string, d: string, turns: readonly Turn[] = []): Shape => ({ is: 'path', shows, d, turns });

export const ellipse = (
  shows: string,
  cx: number,
  cy: number,
  rx: number,
  ry: number,
  turns: readonly Turn[] = [],
): Shape => ({ is: 'ellipse', shows, cx, cy, rx, ry, turns });

export const rect = (
  shows: string,
  box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number },
  round: number,
  turns: readonly Turn[] = [],
): Shape => ({ is: 'rect', shows, ...box, round, turns });
