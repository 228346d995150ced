import { TestBed } from '@angular/core/testing';
import { catalogue } from '@core/exercise/catalogue';
import { newItem } from '@core/plan';
import { sampleRevision } from '@core/testing/sample';
import { LadderChoice, type LevelOption } from './ladder-choice';

const rise = catalogue.find(({ id }) => id === 'two-foot-rise')!;
const rungs = rise.ladder!.rungs;
const middle = rungs[1]!;

async function ladder(options: readonly LevelOption[]) {
  const fixture = TestBed.createComponent(LadderChoice);
  fixture.componentRef.setInput('rungs', rungs);
  fixture.componentRef.setInput('item', { ...newItem('item-1', rise, sampleRevision(1)), rungId: middle.id });
  fixture.componentRef.setInput('options', options);
  const said: object[] = [];
  fixture.componentInstance.main.subscribe((id) => said.push({ main: id }));
  fixture.componentInstance.offered.subscribe((offer) => said.push(offer));
  await fixture.whenStable();
  const page = fixture.nativeElement as HTMLElement;
  const button = (label: string) => page.querySelector<HTMLButtonElement>(`[aria-label="${label}"]`);
  return { page, said, button };
}
const none: readonly LevelOption[] = [
  { which: 'easier', rungId: null, words: '' },
  { which: 'harder', rungId: null, words: '' },
];

describe('choosing levels on the ladder', () => {
  it('shows it as it stands: hardest above, the level for most marked', async () => {
    const { page } = await ladder(none);
    const names = [...page.querySelectorAll('.rung span')].map((e) => e.textContent);
    expect(names).toEqual([...rungs].reverse().map(({ name }) => name));
    expect(page.querySelector('[aria-pressed=true] span')?.textContent).toBe(middle.name);
  });

  it('offers easier below and harder above, and nothing else: no level offers itself', async () => {
    const { said, button } = await ladder(none);
    button(`Offer easier: ${rungs[0]!.name}`)?.click();
    button(`Offer harder: ${rungs[2]!.name}`)?.click();
    expect(said).toEqual([
      { which: 'easier', rungId: rungs[0]!.id },
      { which: 'harder', rungId: rungs[2]!.id },
    ]);
    expect(button(`Offer harder: ${rungs[0]!.name}`)).toBeNull();
    expect(button(`Offer easier: ${middle.name}`)).toBeNull();
  });

  it('says what an offered one comes to in the same time, and takes it back', async () => {
    const { page, said, button } = await ladder([
      { which: 'easier', rungId: rungs[0]!.id, words: '14 reps' },
      { which: 'harder', rungId: null, words: '' },
    ]);
    expect(page.textContent).toContain('easier, in the same time: 14 reps');
    button(`Take back: ${rungs[0]!.name}`)?.click();
    expect(said).toEqual([{ which: 'easier', rungId: null }]);
  });

  it('changes the level for most with one press; what is worn beside the work has no others', async () => {
    const { page, said, button } = await ladder([]);
    button(`${rungs[0]!.name}: for most`)?.click();
    expect(said).toEqual([{ main: rungs[0]!.id }]);
    expect(page.querySelector('.offer')).toBeNull();
  });
});
