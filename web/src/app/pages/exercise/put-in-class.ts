import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDivider } from '@angular/material/divider';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { RouterLink } from '@angular/router';
import { ClassList } from '../../data/class-list';
import { NewClass } from '../../data/new-class';

/** So many of the newest classes are offered: who wants another one goes there first. */
const offered = 8;
const newMinutes = 20;

/** An exercise goes into one of the classes that were written last, or begins a new one; undone in the class as anything else. */
@Component({
  selector: 'nw-put-in-class',
  imports: [MatButton, MatDivider, MatMenu, MatMenuItem, MatMenuTrigger, RouterLink],
  providers: [ClassList],
  template: `
    <button matButton="filled" type="button" [matMenuTriggerFor]="menu" (menuOpened)="list.load()">
      Put it in a class
    </button>
    <mat-menu #menu="matMenu">
      <button mat-menu-item type="button" (click)="made.empty(newMinutes, exerciseId())">
        A new class of {{ newMinutes }} minutes
      </button>
      <mat-divider />
      @for (one of classes(); track one.id) {
        <a mat-menu-item [routerLink]="['/class', one.id]" [queryParams]="{ add: exerciseId() }">{{ one.title }}</a>
      }
      @if (list.classes().status === 'failed') {
        <button mat-menu-item type="button" disabled>Your classes cannot be fetched now</button>
      }
    </mat-menu>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PutInClass {
  readonly exerciseId = input.required<string>();
  protected readonly list = inject(ClassList);
  protected readonly made = inject(NewClass);
  protected readonly newMinutes = newMinutes;
  protected readonly classes = computed(() => (this.list.classes().value?.items ?? []).slice(0, offered));
}
