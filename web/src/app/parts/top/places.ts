/** Where one can go from everywhere, and what else lies there: the first step of its address. */
export const places = [
  { path: '/', name: 'Desk', holds: [''] },
  { path: '/classes', name: 'Classes', holds: ['classes', 'compose', 'class'] },
  { path: '/courses', name: 'Courses', holds: ['courses', 'calendar', 'homework'] },
  { path: '/exercises', name: 'Exercises', holds: ['exercises'] },
  { path: '/people', name: 'People', holds: ['people', 'groups', 'checks', 'bands', 'devices'] },
  { path: '/log', name: 'Taught', holds: ['log'] },
  { path: '/teaching', name: 'How I teach', holds: ['teaching'] },
  { path: '/words', name: 'Words', holds: ['words'] },
] as const;
type Place = (typeof places)[number];

/** Where somebody is: the page of a place itself, or something that lies there. @param url from its first slash */
export function whereIs(url: string): { readonly path: Place['path']; readonly itself: boolean } | null {
  const [address = ''] = url.split(/[?#]/);
  const [, first = ''] = address.split('/');
  const place = places.find(({ holds }: { readonly holds: readonly string[] }) => holds.includes(first));
  return place ? { path: place.path, itself: place.path === address } : null;
}
