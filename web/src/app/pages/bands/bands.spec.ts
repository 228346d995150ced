import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { type Band, newtonsPerKilogram } from '@core/device';
import { MemoryStore } from '../../../testing/memory-store';
import { BrowserStore } from '../../data/browser-store';
import { BandsPage } from './bands-page';
import { readPulls } from './read-pulls';

/** A band that pulls with 2 kg where it is twice as long, bent a little, with pulls a little off. */
const band = (id: string, name: string, factor = 1, date = '2026-09-01'): Band => ({
  format: 1,
  id,
  name,
  tests: [
    {
      date,
      slack: 50,
      pulls: [
        [60, 0.42],
        [75, 1.0],
        [100, 2.02],
        [125, 3.05],
        [150, 4.2],
      ].map(([length = 0, kg = 0]) => ({ length, force: kg * factor * newtonsPerKilogram })),
    },
  ],
});

async function open(bands: readonly Band[]) {
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      provideHttpClient(),
      provideHttpClientTesting(),
      { provide: BrowserStore, useValue: new MemoryStore() },
    ],
  });
  const fixture = TestBed.createComponent(BandsPage);
  fixture.detectChanges();
  TestBed.inject(HttpTestingController)
    .expectOne('/api/bands')
    .flush({ bands: bands.map((one) => ({ version: 1, band: one })) });
  await fixture.whenStable();
  const page = fixture.nativeElement as HTMLElement;
  return {
    page,
    settle: () => fixture.whenStable(),
    words: () => page.innerHTML.replace(/<[^>]+>/g, ' ').replace(/\s+/g, ' '),
  };
}

describe('bands on a spring scale', () => {
  it('say how strong they are at a few stretches, and how far off that may be', async () => {
    const { words } = await open([band('yellow', 'yellow')]);
    expect(words()).toMatch(/100 % longer: 2\.0 kg, give or take (less than )?0\.\d kg/);
    expect(words()).toContain('5 pulls');
    expect(words()).not.toContain('250 % longer');
  });

  it('say the stretch that gives the pull that is wanted, or that it was not pulled so far', async () => {
    const { page, words, settle } = await open([band('yellow', 'yellow')]);
    const field = page.querySelector<HTMLInputElement>('input[aria-label="Force wanted, kilograms"]');
    if (!field) throw new Error('no field');
    const want = async (kilograms: string) => {
      field.value = kilograms;
      field.dispatchEvent(new Event('input'));
      await settle();
    };
    await want('2');
    expect(words()).toMatch(/(99|100) % longer, (99|100) cm from 50 cm/);
    await want('20');
    expect(words()).toContain('not within what was pulled');
  });

  it('are said to be the same where they really are', async () => {
    const { words } = await open([
      band('band-a', 'light'),
      band('band-b', 'also light', 1.01),
      band('band-c', 'strong', 1.6),
    ]);
    expect(words()).toContain('also light and light are the same');
    expect(words()).not.toContain('strong and');
  });

  it('say how they have aged since the last test', async () => {
    const [old] = band('yellow', 'yellow', 1, '2026-03-01').tests;
    const now = band('yellow', 'yellow', 0.7);
    const { words } = await open([{ ...now, tests: [...(old ? [old] : []), ...now.tests] }]);
    expect(words()).toMatch(/30 % weaker since 1 Mar/);
  });
});

describe('what is typed of a pull', () => {
  it('is centimetres and kilograms, with comma or point', () => {
    expect(readPulls('50', '75 1,2\n\n100;2.1', '2026-09-01')).toMatchObject({
      ok: true,
      value: { slack: 50, pulls: [{ length: 75 }, { length: 100, force: 2.1 * newtonsPerKilogram }] },
    });
  });

  it.each([
    ['50', '75 much\n100 2', '“75 much” is no pull'],
    ['50', '75 1', 'Two pulls at least'],
    ['100', '75 1\n120 2', 'longer than the slack band'],
    ['', '75 1\n120 2', 'slack length'],
  ])('is refused in words: slack %s, %j', (slack, lines, why) => {
    const read = readPulls(slack, lines, '2026-09-01');
    expect(read.ok ? '' : read.error).toContain(why);
  });
});
