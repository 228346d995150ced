import { Injectable, computed, inject } from '@angular/core';
import { Router } from '@angular/router';
import { ClassApi } from './class-api';
import { type Letter, newClass, ownClass } from './letter';
import { Outbox } from './outbox';
import type { Waiting } from './waiting';
import { type RequestFailure, awayWords, failureWords } from './request-failure';
import { Toasts } from './toasts';

/** What can be done with something that the server does not have. */
export type WayOut = 'again' | 'open' | 'bring-back' | 'own-class' | 'throw-away';

/** Something that is not on the server yet, in words, and what can be done with it. */
export interface Left {
  readonly queue: string;
  /** What it is: "Edits of a class". */
  readonly what: string;
  readonly name: string;
  readonly words: string;
  readonly ways: readonly WayOut[];
}

/** What waits in this browser for the server, so that nobody has to remember it; and the ways out where it is refused. */
@Injectable({ providedIn: 'root' })
export class LeftToSend {
  private readonly outbox = inject(Outbox);
  private readonly classes = inject(ClassApi);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);

  /** What is just on its way is not told. */
  readonly lines = computed((): readonly Left[] =>
    this.outbox.waiting().flatMap((waiting) => {
      const failure = waiting.refused ?? waiting.away;
      return failure ? [lineOf(waiting, failure)] : [];
    }),
  );
  readonly unreadable = this.outbox.unreadables;

  async take(way: WayOut, { queue, name }: Left): Promise<void> {
    const letter = this.outbox.waiting().find((waiting) => waiting.queue === queue)?.newest;
    if (!letter) return;
    switch (way) {
      case 'again':
        return this.outbox.flush(queue);
      case 'open':
        return void this.router.navigate(pageOf(letter));
      case 'bring-back':
        if (letter.kind !== 'class') return;
        this.classes.restore(letter.plan.id).subscribe({
          next: () => this.outbox.flush(queue),
          error: (error: unknown) => this.toasts.failed(error),
        });
        return;
      case 'own-class': {
        if (letter.kind !== 'class') return;
        const own = ownClass(letter.plan, 'my side');
        await this.outbox.put(own);
        await this.outbox.drop(queue);
        return this.toasts.tell(`“${own.plan.title}” is a class of its own.`);
      }
      case 'throw-away': {
        const putBack = await this.outbox.drop(queue);
        return this.toasts.offer(
          `What was not sent of “${name}” is thrown away.`,
          'Bring it back',
          () => void putBack(),
        );
      }
    }
  }
}

function lineOf(waiting: Waiting, failure: RequestFailure): Left {
  const { queue, kept, refused, newest } = waiting;
  const place = kept ? 'Kept in this browser' : 'Only on this page: leave it open';
  return {
    queue,
    ...named(waiting),
    words: refused ? refusedWords(newest, failure) : `${awayWords(failure)} ${place}; sent when the server takes it.`,
    ways: refused ? waysOut(waiting, failure) : ['again'],
  };
}

function named({ newest, start, count }: Waiting): Pick<Left, 'what' | 'name'> {
  switch (newest.kind) {
    case 'class':
      return { what: newest.basedOn === newClass ? 'A new class' : 'Edits of a class', name: newest.plan.title };
    case 'exercise':
      return { what: 'An exercise', name: newest.exercise.name.plain };
    case 'preferences':
      return { what: 'Your answers', name: 'How I teach' };
    case 'student':
      return { what: 'A student', name: newest.student.name };
    case 'group':
      return { what: 'A group', name: newest.group.name };
    case 'reading':
    case 'reading-out':
      return { what: 'What was measured', name: count === 1 ? 'one reading' : `${count} readings` };
    case 'band':
      return { what: 'A band', name: newest.band.name };
    case 'protocol':
      return { what: 'A check of your own', name: newest.protocol.name };
    case 'course':
      return { what: 'A course', name: newest.course.title };
    case 'homework':
      return { what: 'Homework', name: newest.homework.title };
    case 'note':
    case 'note-out':
      return { what: 'What was seen of levels', name: count === 1 ? 'one note' : `${count} notes` };
    case 'run-start':
    case 'run-events':
    case 'run-remarks': {
      const title = start?.kind === 'run-start' ? start.start.plan.title : null;
      return {
        what: 'A taught class',
        name: title ?? (count === 1 ? 'one thing that happened' : `${count} things that happened`),
      };
    }
  }
}

const codeOf = (failure: RequestFailure) => (failure.kind === 'problem' ? failure.problem.code : null);

function refusedWords(letter: Letter, failure: RequestFailure): string {
  const code = codeOf(failure);
  if (letter.kind === 'class' && code === 'not-found')
    return 'The class was deleted somewhere else after this was written.';
  if (code === 'clash') return 'The class was also changed somewhere else. Both sides are kept.';
  return failureWords(failure);
}

function waysOut({ apart, newest }: Waiting, failure: RequestFailure): readonly WayOut[] {
  const code = codeOf(failure);
  if (newest.kind === 'class' && code === 'not-found') return ['bring-back', 'own-class', 'throw-away'];
  if (newest.kind === 'class') return [apart ? 'again' : 'open', 'own-class', 'throw-away'];
  if (opened.has(newest.kind)) return ['open', 'again', 'throw-away'];
  return ['again', 'throw-away'];
}

/** What is looked at on a page of its own, where both sides can be seen. */
const opened: ReadonlySet<Letter['kind']> = new Set(['exercise', 'student', 'course', 'homework']);

const pageOf = (letter: Letter): string[] => {
  if (letter.kind === 'class') return ['/class', letter.plan.id];
  if (letter.kind === 'student') return ['/people', letter.student.id];
  if (letter.kind === 'course') return ['/courses', letter.course.id];
  if (letter.kind === 'homework') return ['/homework', letter.homework.id];
  return letter.kind === 'exercise' ? ['/exercises', letter.exercise.id, 'edit'] : ['/'];
};
