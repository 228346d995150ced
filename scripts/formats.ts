import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { format } from 'prettier';
import { publishedSchemas, schemaFile } from '@core/format';

/** Writes the published JSON Schemas: `npm run formats`, after a change of what a file can hold. */
async function run(): Promise<void> {
  for (const [name, schema] of Object.entries(publishedSchemas()))
    writeFileSync(
      join('docs', 'format', schemaFile(name)),
      await format(JSON.stringify(schema), { parser: 'json', printWidth: 120 }),
    );
}

run().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
