import { Injectable, effect, inject } from '@angular/core';
import { MatDialog } from '@angular/material/dialog';
import { Router } from '@angular/router';
import { firstValueFrom } from 'rxjs';
import type { ClashAnswer } from '@core/contract';
import { type Plan, allItemsOf } from '@core/plan';
import { sayTime } from '@core/say-time';
import { sayClockTime } from '../../parts/saying/instant-words';
import { Toasts } from '../../data/toasts';
import { ClassSession } from './class-session';
import { type ClashChoice, ClashDialog, type ClashSides } from './dialogs/clash-dialog';
import { PlanStore } from './plan-store';

/** Two pages changed one class: asks which side goes on, once for each clash, and does it. */
@Injectable()
export class ClashFlow {
  private readonly session = inject(ClassSession);
  private readonly plans = inject(PlanStore);
  private readonly dialogs = inject(MatDialog);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  private asking = false;

  constructor() {
    effect(() => {
      const state = this.session.state();
      if (state.kind !== 'clash' || this.asking) return;
      this.asking = true;
      void this.ask(state.clash).finally(() => (this.asking = false));
    });
  }

  private async ask(clash: ClashAnswer): Promise<void> {
    const theirs = clash.current.plan;
    const sides: ClashSides = {
      mine: this.plans.plan() ? this.sayPlan(this.plans.plan()!) : '',
      theirs: `“${theirs.title}”, ${allItemsOf(theirs).length} items, saved ${sayClockTime(clash.current.updatedAt)}`,
    };
    const asked = this.dialogs.open<ClashDialog, ClashSides, ClashChoice>(ClashDialog, {
      data: sides,
      disableClose: true,
    });
    switch (await firstValueFrom(asked.afterClosed())) {
      case 'mine':
        return this.session.keepMine(clash);
      case 'both': {
        const copyId = await this.session.keepBoth(clash);
        if (copyId !== null)
          this.toasts.offer(
            'Your side is a class of its own.',
            'Open it',
            () => void this.router.navigate(['/class', copyId]),
          );
        return;
      }
      case 'theirs':
        return this.session.takeTheirs(clash);
      case undefined:
    }
  }

  private sayPlan(plan: Plan): string {
    return `“${plan.title}”, ${allItemsOf(plan).length} items, ${sayTime(this.plans.timelineOf(plan).totalMs)}`;
  }
}
