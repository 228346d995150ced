import { Directive, ElementRef, afterNextRender, inject } from '@angular/core';
import { Router } from '@angular/router';

/** Sent along with the way to something that was just made. */
export const justMade = 'just made';

/** The name of what was just made: it is typed over at once. What was there before is read first. */
@Directive({ selector: 'input[nwNewName]' })
export class NewName {
  constructor() {
    const field = inject<ElementRef<HTMLInputElement>>(ElementRef).nativeElement;
    if (inject(Router).lastSuccessfulNavigation()?.extras.info !== justMade) return;
    afterNextRender(() => {
      field.focus();
      field.select();
    });
  }
}
