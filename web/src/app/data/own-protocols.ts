import { HttpClient } from '@angular/common/http';
import { Injectable, computed, effect, inject, signal, untracked } from '@angular/core';
import { takeUntilDestroyed, toSignal } from '@angular/core/rxjs-interop';
import { Subject, filter, map } from 'rxjs';
import { ProtocolList } from '@core/contract';
import { type OwnProtocol, newProtocol } from '@core/measure/own-protocol';
import { protocolAddress } from './letter';
import { loading, waiting } from './loading';
import { newId } from './new-id';
import { Outbox } from './outbox';
import { failureWords } from './request-failure';
import { Toasts } from './toasts';

/** The teacher's own protocols: those the server has, and as they were changed here since. */
@Injectable({ providedIn: 'root' })
export class OwnProtocols {
  private readonly http = inject(HttpClient);
  private readonly outbox = inject(Outbox);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<void>();
  /** The versions that saves of this page made. */
  private readonly versions = new Map<string, number>();
  /** As they were changed on this page, until the server gives them back. */
  private readonly edited = signal<ReadonlyMap<string, OwnProtocol>>(new Map());

  readonly found = toSignal(
    loading(this.asked$, () => this.http.get('/api/protocols').pipe(map((body) => ProtocolList.parse(body)))),
    { initialValue: waiting },
  );
  private readonly given = computed(
    () => new Map((this.found().value?.protocols ?? []).map((known) => [known.protocol.id, known] as const)),
  );
  /** All of them by name, those put away too: what was measured with them is still read. */
  readonly all = computed((): readonly OwnProtocol[] => {
    const own = new Map([...this.given().values()].map(({ protocol }) => [protocol.id, protocol] as const));
    // what an earlier page wrote and could not send yet; what the server will not have is not how it is
    for (const { newest, refused } of this.outbox.waiting())
      if (newest.kind === 'protocol' && !refused) own.set(newest.protocol.id, newest.protocol);
    for (const [id, protocol] of this.edited()) own.set(id, protocol);
    return [...own.values()].sort((a, b) => a.name.localeCompare(b.name));
  });

  constructor() {
    effect(() => {
      if (this.found().status !== 'ready') return;
      untracked(() => {
        const onTheWay = ([id]: readonly [string, OwnProtocol]) =>
          this.outbox.newestOf(protocolAddress(id), 'protocol') !== null;
        this.edited.update((edited) => new Map([...edited].filter(onTheWay)));
      });
    });
    this.outbox.outcomes$
      .pipe(
        filter(({ letter }) => letter.kind === 'protocol'),
        takeUntilDestroyed(),
      )
      .subscribe(({ letter, result }) => {
        if (letter.kind !== 'protocol') return;
        const { id } = letter.protocol;
        if (result.kind === 'sent' && result.answer && 'version' in result.answer)
          this.versions.set(id, result.answer.version);
        if (result.kind === 'refused') {
          this.toasts.refused(failureWords(result.failure));
          this.edited.update((edited) => new Map([...edited].filter(([other]) => other !== id)));
        }
        if (result.kind === 'sent' || result.kind === 'refused') this.load();
      });
  }

  load(): void {
    this.asked$.next();
  }

  /** How many readings were taken with it, as far as the server knows. */
  readingsOf(id: string): number {
    return this.given().get(id)?.readings ?? 0;
  }

  /** @returns its id */
  add(name: string): string {
    const id = newId();
    this.save(newProtocol(id, name));
    return id;
  }

  save(protocol: OwnProtocol): void {
    const known = [this.versions.get(protocol.id), this.given().get(protocol.id)?.version].filter(
      (n) => n !== undefined,
    );
    const basedOn = known.length === 0 ? null : Math.max(...known);
    this.edited.update((edited) => new Map([...edited, [protocol.id, protocol]]));
    void this.outbox.put({ kind: 'protocol', format: 1, id: newId(), basedOn, protocol }, 700);
  }
}
