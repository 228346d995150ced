import { writeFileSync } from 'node:fs';
import { glossaryPage } from '@core/words';

/** Writes docs/GLOSSARY.md from the one list. */
writeFileSync('docs/GLOSSARY.md', glossaryPage());
