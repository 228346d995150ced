import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { reps } from '@core/dose';
import { type Plan, itemsOf, newBlock, newItem, newPlan } from '@core/plan';
import { named } from '../../../testing/built-in';
import { MemoryStore } from '../../../testing/memory-store';
import { BrowserStore } from '../../data/browser-store';
import { CardPage } from './card-page';

const ids = ['band-turn-in', 'two-foot-rise'] as const;
const plan = (change: Partial<Plan> = {}): Plan => ({
  ...newPlan('class-1', 'Quiet ankles', 600),
  blocks: [
    newBlock(
      'block-1',
      'Band',
      ids.map((id, i) => ({
        ...newItem(`item-${i}`, named(id).exercise, named(id).revision),
        dose: [reps(8)],
        cues: i === 0 ? { action: 'Slow on the way back.' } : {},
      })),
    ),
  ],
  ...change,
});

const opening = { kind: 'talk', id: 'item-t', name: 'Shoes off', seconds: 90, note: 'By the door.' } as const;

describe('the card of a class', () => {
  async function open(of: Plan) {
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: BrowserStore, useValue: new MemoryStore() },
      ],
    });
    const fixture = TestBed.createComponent(CardPage);
    fixture.componentRef.setInput('id', 'class-1');
    fixture.detectChanges();
    const read = { plan: of, version: 1, updatedAt: '2026-11-24T12:00:00.000Z', revisions: ids.map(named) };
    TestBed.inject(HttpTestingController).expectOne('/api/classes/class-1').flush(read);
    // it goes through the classes that this browser keeps
    await new Promise((later) => setTimeout(later));
    await fixture.whenStable();
    const page = fixture.nativeElement as HTMLElement;
    return { fixture, page, words: () => page.textContent.replace(/\s+/g, ' ') };
  }

  it('has talk with its length and what there is to say, and what is taken off where it is', async () => {
    const [block] = plan().blocks;
    const [band, rise] = itemsOf(plan());
    const worn = { ...band!, wornUntil: rise!.id };
    const { page } = await open(plan({ blocks: [{ ...block!, items: [opening, worn, rise!] }] }));
    const rows = [...page.querySelectorAll('tbody tr:not(.block)')].map((row) =>
      [...row.querySelectorAll('td')].slice(1).map((cell) => cell.textContent?.trim().replace(/\s+/g, ' ') ?? ''),
    );
    expect(rows[0]).toEqual(['Shoes off', '1 min 30 s', 'By the door.']);
    expect(rows[1]?.[0]).toContain('worn through 1 exercise');
    expect(rows[3]).toEqual(['Take off the band']);
  });

  it('says what the teacher says, what to watch, and in which order the sides go', async () => {
    const { page, words } = await open(plan());
    const [band, rise] = [...page.querySelectorAll('tbody tr:not(.block)')].map((row) =>
      [...row.querySelectorAll('td:not(.feet)')].map((cell) => cell.textContent?.trim() ?? ''),
    );
    expect(band?.[0]).toBe('0:00');
    expect(band?.[1]).toContain('8 reps, each foot');
    expect(band?.[2]).toContain('L then R');
    expect(page.querySelectorAll('.feet nw-foot')).toHaveLength(2 * ids.length);
    expect(band?.[3]).toContain('Slow on the way back.');
    const fault = named('two-foot-rise').exercise.faults[0]!;
    expect(rise?.[3]).toContain(named('two-foot-rise').exercise.cues.action.plain);
    expect(rise?.[3]).toContain(`${fault.seen}: “${fault.say}”`);
    expect(words()).toContain('stop and refer. Local rules come first.');
  });

  it('counts what to put out once it is known how many come', async () => {
    const { words } = await open(plan());
    expect(words()).toMatch(/Put out: .*\(one each\)/);
    TestBed.resetTestingModule();
    const eight = plan();
    const known = await open({ ...eight, brief: { ...eight.brief, people: 8 } });
    expect(known.words()).toMatch(/Put out: .*× 8/);
    expect(known.words()).toContain('8 people');
  });

  it('speaks clock time once it knows when the class starts', async () => {
    const { page, fixture } = await open(plan());
    const field = page.querySelector<HTMLInputElement>('input[type=time]')!;
    field.value = '18:30';
    field.dispatchEvent(new Event('change'));
    await fixture.whenStable();
    expect(page.querySelector('td.start')?.textContent).toBe('18:30:00');
    expect(page.querySelector('header')?.textContent).toMatch(/ends 18:\d\d:\d\d/);
  });

  it('says how a block goes that is taught foot by foot', async () => {
    const blocks = plan().blocks.map((block) => ({ ...block, flow: 'by-foot' as const }));
    const { words } = await open(plan({ blocks }));
    expect(words()).toContain('Band: one whole foot, compare, the other');
  });
});
