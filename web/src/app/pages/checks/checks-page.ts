import { ChangeDetectionStrategy, Component, type OnInit, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router, RouterLink } from '@angular/router';
import { CheckId, checks, protocolFor, resultWords, weekOf, weekUnit, weeklyFrom } from '@core/measure';
import { LibraryStore } from '../../data/library-store';
import { OwnProtocols } from '../../data/own-protocols';
import { Preferences } from '../../data/preferences';
import { Loading } from '../../parts/loading/loading';
import { ProtocolCard } from '../../parts/protocol-card/protocol-card';
import { TopBar } from '../../parts/top/top-bar';
import { OwnCheck } from './own-check';

/** All checks: how each is taken, what it can show; and the teacher's own. */
@Component({
  selector: 'nw-checks-page',
  imports: [Loading, MatButton, OwnCheck, ProtocolCard, RouterLink, TopBar],
  templateUrl: './checks-page.html',
  styleUrl: './checks-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ChecksPage implements OnInit {
  /** The check that is open, as the address names it. */
  readonly id = input<string>();
  protected readonly own = inject(OwnProtocols);
  private readonly preferences = inject(Preferences);
  private readonly library = inject(LibraryStore);
  private readonly router = inject(Router);

  protected readonly builtIn = CheckId.options.map((id) => checks[id]);
  protected readonly offered = computed(() => this.own.all().filter(({ away }) => !away));
  protected readonly put = computed(() => this.own.all().filter(({ away }) => away));
  /** The open one where it is the teacher's own. */
  protected readonly mine = computed(() => this.own.all().find(({ id }) => id === this.id()) ?? null);
  /** The open one where it comes with Needlework. */
  protected readonly shown = computed(() => {
    const protocol = this.mine() ? null : protocolFor(this.id() ?? '', []);
    if (!protocol) return null;
    const { result, takenWith } = protocol;
    const own = this.preferences.weekly()[protocol.id];
    return {
      protocol,
      gives: resultWords(protocol),
      takenWith: this.library.byId().get(takenWith ?? '')?.exercise.name.plain ?? null,
      week:
        result.gives === 'number' && protocol.judged
          ? {
              value: weekOf(result.scale, own ?? result.weekly),
              unit: weekUnit(result),
              usual: weekOf(result.scale, result.weekly),
              own: own !== undefined,
            }
          : null,
    };
  });

  ngOnInit(): void {
    this.own.load();
    this.library.load();
  }

  protected add(field: HTMLInputElement): void {
    const name = field.value.trim();
    if (name === '') return field.focus();
    field.value = '';
    void this.router.navigate(['/checks', this.own.add(name)]);
  }

  /** What the teacher expects in a week; nothing written gives Needlework's own back. */
  protected setWeek(field: HTMLInputElement): void {
    const check = CheckId.safeParse(this.id());
    const result = check.success ? checks[check.data].result : null;
    if (!check.success || result?.gives !== 'number') return;
    const week = Number(field.value.trim().replace(',', '.'));
    const usable = week > 0 && week <= 1000;
    this.preferences.setWeekly(check.data, usable ? weeklyFrom(result.scale, week) : null);
    if (!usable) field.value = String(weekOf(result.scale, result.weekly));
  }
}
