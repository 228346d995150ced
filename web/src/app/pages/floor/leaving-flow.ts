import { Injectable, inject } from '@angular/core';
import { MatDialog } from '@angular/material/dialog';
import { firstValueFrom } from 'rxjs';
import { FloorStore } from './floor-store';
import { KeepDialog } from './keep-dialog';
import { RosterFlow } from './roster-flow';

/** Seconds on the floor are asked about before they are left: only a class goes to the log. */
@Injectable()
export class LeavingFlow {
  private readonly store = inject(FloorStore);
  private readonly roster = inject(RosterFlow);
  private readonly dialogs = inject(MatDialog);

  /** @returns whether the floor may be left */
  async ask(): Promise<boolean> {
    const ms = this.store.undecidedMs();
    if (ms === null) return true;
    const asked = this.dialogs.open<KeepDialog, number, 'stay' | 'keep' | 'leave'>(KeepDialog, { data: ms });
    const answer = await firstValueFrom(asked.afterClosed());
    if (answer === 'leave') await this.leaveOut();
    if (answer === 'keep') this.store.keepInLog();
    return answer === 'leave' || answer === 'keep';
  }

  /** Seconds that were no class: nothing of them is left, neither here nor in anybody's file. */
  async leaveOut(): Promise<void> {
    this.roster.takeBack();
    await this.store.leaveOut();
  }
}
