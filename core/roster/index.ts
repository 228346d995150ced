export * from './caution-effects';
export * from './initials';
export * from './student';
