import type { Routes } from '@angular/router';

/** A page that has something to finish before it is left. */
interface Finishing {
  readyToLeave(): Promise<boolean>;
}

export const routes: Routes = [
  {
    path: '',
    title: 'Desk · Needlework',
    loadComponent: () => import('./pages/desk/desk-page').then((m) => m.DeskPage),
  },
  {
    path: 'classes',
    title: 'Classes · Needlework',
    loadComponent: () => import('./pages/classes/classes-page').then((m) => m.ClassesPage),
  },
  {
    path: 'compose',
    title: 'A class from a brief · Needlework',
    loadComponent: () => import('./pages/compose/compose-page').then((m) => m.ComposePage),
  },
  {
    path: 'calendar',
    title: 'Calendar · Needlework',
    loadComponent: () => import('./pages/calendar/calendar-page').then((m) => m.CalendarPage),
  },
  {
    path: 'courses',
    title: 'Courses · Needlework',
    loadComponent: () => import('./pages/courses/courses-page').then((m) => m.CoursesPage),
  },
  {
    path: 'courses/:id',
    title: 'Course · Needlework',
    loadComponent: () => import('./pages/course/course-page').then((m) => m.CoursePageView),
  },
  {
    path: 'courses/:id/load',
    title: 'Load · Needlework',
    loadComponent: () => import('./pages/course-load/course-load-page').then((m) => m.CourseLoadPage),
  },
  {
    path: 'groups/:id/back',
    title: 'Looking back · Needlework',
    data: { of: 'group' },
    loadComponent: () => import('./pages/looking-back/looking-back-page').then((m) => m.LookingBackPage),
  },
  {
    path: 'people/:id/back',
    title: 'Looking back · Needlework',
    data: { of: 'student' },
    loadComponent: () => import('./pages/looking-back/looking-back-page').then((m) => m.LookingBackPage),
  },
  {
    path: 'homework',
    title: 'Homework · Needlework',
    loadComponent: () => import('./pages/homework/homework-page').then((m) => m.HomeworkPageView),
  },
  {
    path: 'homework/:id',
    title: 'Homework · Needlework',
    loadComponent: () => import('./pages/home-sheet/home-sheet-page').then((m) => m.HomeSheetPage),
  },
  {
    path: 'class/:id',
    title: 'Class · Needlework',
    loadComponent: () => import('./pages/designer/designer-page').then((m) => m.DesignerPage),
    canDeactivate: [(page: Finishing) => page.readyToLeave()],
  },
  {
    path: 'class/:id/through',
    title: 'Class, looked through · Needlework',
    loadComponent: () => import('./pages/through/through-page').then((m) => m.ThroughPage),
    canDeactivate: [(page: Finishing) => page.readyToLeave()],
    children: [
      { path: 'load', loadComponent: () => import('./pages/through/load/load-view').then((m) => m.LoadView) },
      { path: 'kit', loadComponent: () => import('./pages/through/kit/kit-view').then((m) => m.KitView) },
      { path: 'sight', loadComponent: () => import('./pages/through/sight/sight-view').then((m) => m.SightView) },
      { path: 'idea', loadComponent: () => import('./pages/through/idea/idea-view').then((m) => m.IdeaView) },
      { path: 'music', loadComponent: () => import('./pages/through/music/music-view').then((m) => m.MusicView) },
      { path: '**', redirectTo: 'load' },
    ],
  },
  {
    path: 'class/:id/floor',
    title: 'On the floor · Needlework',
    loadComponent: () => import('./pages/floor/floor-page').then((m) => m.FloorPage),
    canDeactivate: [(page: Finishing) => page.readyToLeave()],
  },
  {
    path: 'class/:id/card',
    title: 'Class card · Needlework',
    loadComponent: () => import('./pages/card/card-page').then((m) => m.CardPage),
  },
  {
    path: 'class/:id/rehearse',
    title: 'Rehearsal · Needlework',
    data: { rehearse: true },
    loadComponent: () => import('./pages/floor/floor-page').then((m) => m.FloorPage),
    canDeactivate: [(page: Finishing) => page.readyToLeave()],
  },
  {
    path: 'class/:id/room',
    title: 'For the room · Needlework',
    loadComponent: () => import('./pages/room/room-page').then((m) => m.RoomPage),
  },
  {
    path: 'class/:id/script',
    title: 'Script · Needlework',
    loadComponent: () => import('./pages/script/script-page').then((m) => m.ScriptPage),
  },
  {
    path: 'class/:id/earlier',
    title: 'Earlier states · Needlework',
    loadComponent: () => import('./pages/earlier/earlier-page').then((m) => m.EarlierPage),
  },
  {
    path: 'safe',
    title: 'Safe keeping · Needlework',
    loadComponent: () => import('./pages/safe/safe-page').then((m) => m.SafePage),
  },
  {
    path: 'taken-out',
    title: 'Taken out · Needlework',
    loadComponent: () => import('./pages/taken-out/taken-out-page').then((m) => m.TakenOutPage),
  },
  {
    path: 'exercises',
    title: 'Exercises · Needlework',
    loadComponent: () => import('./pages/library/library-page').then((m) => m.LibraryPage),
  },
  {
    path: 'exercises/new',
    title: 'A new exercise · Needlework',
    loadComponent: () => import('./pages/exercise/edit/edit-page').then((m) => m.EditPage),
  },
  {
    path: 'exercises/:id',
    title: 'Exercise · Needlework',
    loadComponent: () => import('./pages/exercise/exercise-page').then((m) => m.ExercisePage),
  },
  {
    path: 'exercises/:id/edit',
    title: 'Change an exercise · Needlework',
    loadComponent: () => import('./pages/exercise/edit/edit-page').then((m) => m.EditPage),
  },
  {
    path: 'teaching',
    title: 'How I teach · Needlework',
    loadComponent: () => import('./pages/teaching/teaching-page').then((m) => m.TeachingPage),
  },
  {
    path: 'bands',
    title: 'Bands · Needlework',
    loadComponent: () => import('./pages/bands/bands-page').then((m) => m.BandsPage),
  },
  {
    path: 'devices',
    title: 'Devices · Needlework',
    loadComponent: () => import('./pages/devices/devices-page').then((m) => m.DevicesPage),
  },
  {
    path: 'words',
    title: 'Words · Needlework',
    loadComponent: () => import('./pages/words/words-page').then((m) => m.WordsPage),
  },
  {
    path: 'people',
    title: 'People · Needlework',
    loadComponent: () => import('./pages/people/people-page').then((m) => m.PeoplePage),
  },
  {
    path: 'people/:id',
    title: 'Student · Needlework',
    loadComponent: () => import('./pages/student/student-page').then((m) => m.StudentPage),
  },
  {
    path: 'people/:id/look',
    title: 'Look · Needlework',
    data: { whom: 'student' },
    loadComponent: () => import('./pages/look/look-page').then((m) => m.LookPage),
  },
  {
    path: 'groups/:id',
    title: 'Group · Needlework',
    loadComponent: () => import('./pages/group/group-page').then((m) => m.GroupPage),
  },
  {
    path: 'groups/:id/ladders',
    title: 'Levels · Needlework',
    loadComponent: () => import('./pages/ladders/ladders-page').then((m) => m.LaddersPage),
  },
  {
    path: 'groups/:id/look',
    title: 'Look · Needlework',
    data: { whom: 'group' },
    loadComponent: () => import('./pages/look/look-page').then((m) => m.LookPage),
  },
  {
    path: 'checks',
    title: 'Checks · Needlework',
    loadComponent: () => import('./pages/checks/checks-page').then((m) => m.ChecksPage),
  },
  {
    path: 'checks/:id',
    title: 'Checks · Needlework',
    loadComponent: () => import('./pages/checks/checks-page').then((m) => m.ChecksPage),
  },
  {
    path: 'log',
    title: 'Taught · Needlework',
    loadComponent: () => import('./pages/log/log-page').then((m) => m.LogPage),
  },
  {
    path: 'log/:runId',
    title: 'Taught · Needlework',
    loadComponent: () => import('./pages/log/run-report-page').then((m) => m.RunReportPage),
  },
  { path: '**', redirectTo: '' },
];
