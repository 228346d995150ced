import { sayTime } from '@core/say-time';

/** What a step costs or saves, where it is worth a word: ", +0:25". */
export const costWords = ({ deltaMs }: { readonly deltaMs: number }): string =>
  Math.abs(deltaMs) < 1000 ? '' : `, ${deltaMs > 0 ? '+' : '−'}${sayTime(Math.abs(deltaMs))}`;
