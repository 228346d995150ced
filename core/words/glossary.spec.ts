import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { findTerms, glossary, glossaryPage } from './glossary';

describe('the glossary', () => {
  it('has each word once', () => {
    expect(new Set(glossary.map((t) => t.word)).size).toBe(glossary.length);
  });

  it('is found by the plain word, by the anatomical name and by what is said about it', () => {
    expect(findTerms('inversion').map((t) => t.word)).toEqual(['turn in']);
    expect(findTerms('foot rolls out').map((t) => t.word)).toContain('turn in');
    expect(findTerms('hallux').map((t) => t.word)).toEqual(['big toe']);
    expect(findTerms('trampoline')).toEqual([]);
  });

  it('keeps in and out apart: turning in loads the outer edge (practice)', () => {
    expect(findTerms('inversion')[0]?.meaning).toContain('outer edge');
    expect(findTerms('eversion')[0]?.meaning).toContain('inner edge');
  });

  it('is the same in the documents', () => {
    expect(readFileSync(join(__dirname, '../../docs/GLOSSARY.md'), 'utf8')).toBe(glossaryPage());
  });
});
