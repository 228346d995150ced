export * from './caution-effects';
export * from './initials';
export * from './stop-signs';
export * from './student';
export * from './gate-for';
export * from './keeper';
export * from './keeper-words';
export * from './ladder-note';
