import type { Routes } from '@angular/router';

/** A page that has something to finish before it is left. */
interface Settling {
  settle(): Promise<boolean>;
}

export const routes: Routes = [
  {
    path: '',
    title: 'Classes · Needlework',
    loadComponent: () => import('./classes/classes-page').then((m) => m.ClassesPage),
  },
  {
    path: 'class/:id',
    title: 'Class · Needlework',
    loadComponent: () => import('./designer/designer-page').then((m) => m.DesignerPage),
    canDeactivate: [(page: Settling) => page.settle()],
  },
  {
    path: 'class/:id/floor',
    title: 'On the floor · Needlework',
    loadComponent: () => import('./floor/floor-page').then((m) => m.FloorPage),
  },
  {
    path: 'class/:id/card',
    title: 'Class card · Needlework',
    loadComponent: () => import('./card/card-page').then((m) => m.CardPage),
  },
  {
    path: 'exercises',
    title: 'Exercises · Needlework',
    loadComponent: () => import('./library/library-page').then((m) => m.LibraryPage),
  },
  {
    path: 'exercises/new',
    title: 'A new exercise · Needlework',
    loadComponent: () => import('./exercise/edit/edit-page').then((m) => m.EditPage),
  },
  {
    path: 'exercises/:id',
    title: 'Exercise · Needlework',
    loadComponent: () => import('./exercise/exercise-page').then((m) => m.ExercisePage),
  },
  {
    path: 'exercises/:id/edit',
    title: 'Change an exercise · Needlework',
    loadComponent: () => import('./exercise/edit/edit-page').then((m) => m.EditPage),
  },
  {
    path: 'teaching',
    title: 'How I teach · Needlework',
    loadComponent: () => import('./teaching/teaching-page').then((m) => m.TeachingPage),
  },
  {
    path: 'words',
    title: 'Words · Needlework',
    loadComponent: () => import('./words/words-page').then((m) => m.WordsPage),
  },
  { path: 'log', title: 'Taught · Needlework', loadComponent: () => import('./log/log-page').then((m) => m.LogPage) },
  {
    path: 'log/:runId',
    title: 'Taught · Needlework',
    loadComponent: () => import('./log/run-report-page').then((m) => m.RunReportPage),
  },
  { path: '**', redirectTo: '' },
];
