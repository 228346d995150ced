import type { APIRequestContext } from '@playwright/test';

/** A group with people who have agreed. */
export async function groupOf(request: APIRequestContext, title: string, names: readonly string[]): Promise<string> {
  const id = `e2e-${title.replace(/\W/g, '-').toLowerCase()}`;
  const put = (path: string, data: object) => request.put(path, { data });
  await put(`/api/people/groups/${id}`, {
    basedOn: null,
    group: { format: 1, id, name: title, note: '', archived: false },
  });
  for (const [i, name] of names.entries())
    await put(`/api/people/students/${id}-${i}`, {
      basedOn: null,
      student: {
        format: 1,
        id: `${id}-${i}`,
        name,
        groupIds: [id],
        age: '60-69',
        experience: null,
        aims: '',
        cautions: [],
        consent: { date: '2026-01-01', by: 'self' },
        asked: null,
        notes: '',
        archived: false,
      },
    });
  return id;
}
