/** Where one can go from everywhere. */
export const places = [
  { path: '/', name: 'Desk' },
  { path: '/classes', name: 'Classes' },
  { path: '/courses', name: 'Courses' },
  { path: '/exercises', name: 'Exercises' },
  { path: '/people', name: 'People' },
  { path: '/log', name: 'Taught' },
  { path: '/teaching', name: 'How I teach' },
  { path: '/words', name: 'Words' },
] as const;
