import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { TestBed } from '@angular/core/testing';
import { meaningOf } from '@core/words/glossary';
import { Word } from './word';

const pages = join(__dirname, '..', '..');

describe('a word that says what it means', () => {
  it('says it as the glossary does, to whoever taps it', async () => {
    const fixture = TestBed.createComponent(Word);
    fixture.componentRef.setInput('of', 'likely');
    await fixture.whenStable();
    const button = (fixture.nativeElement as HTMLElement).querySelector('button');
    button?.click();
    await fixture.whenStable();
    expect(document.querySelector('mat-tooltip-component')?.textContent).toContain('four classes of five');
  });

  it('is in the glossary, wherever one stands on a page', () => {
    const files = readdirSync(pages, { recursive: true, encoding: 'utf8' }).filter((file) => file.endsWith('.html'));
    const used = files.flatMap((file) =>
      [...readFileSync(join(pages, file), 'utf8').matchAll(/<nw-word of="([^"]+)"/g)].map(([, word = '']) => word),
    );
    expect(used.length).toBeGreaterThan(0);
    for (const word of used) expect(meaningOf(word)).not.toBe('');
    expect(() => meaningOf('weft of the day')).toThrow(RangeError);
  });
});
