import { ChangeDetectionStrategy, Component, type OnInit, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  type Band,
  type BandTest,
  bandCurve,
  compareBands,
  curveError,
  forceAt,
  newtonsPerKilogram,
  stretchFor,
} from '@core/device';
import { Bands } from '../../data/bands';
import { Loading } from '../../parts/loading/loading';
import { sayDate, today } from '../../parts/saying/date-words';
import { TopBar } from '../../parts/top/top-bar';
import { readPulls } from './read-pulls';

const newestOf = ({ tests }: Band): BandTest | null =>
  tests.reduce<BandTest | null>((a, b) => (a === null || b.date >= a.date ? b : a), null);
const kilograms = (newtons: number) => `${(newtons / newtonsPerKilogram).toFixed(1)} kg`;
/** A scale is read to a tenth: what is less is said so. */
const within = (newtons: number) => (newtons < 0.05 * newtonsPerKilogram ? 'less than 0.1 kg' : kilograms(newtons));

/** The bands of the cupboard on a spring scale: how strong each is, how it ages, and which are really the same. */
@Component({
  selector: 'nw-bands-page',
  imports: [Loading, MatButton, TopBar],
  providers: [Bands],
  templateUrl: './bands-page.html',
  styleUrl: './bands-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BandsPage implements OnInit {
  protected readonly bands = inject(Bands);
  /** The band that is being tested. */
  protected readonly testing = signal<string | null>(null);
  protected readonly refused = signal('');
  /** The force that is wanted, kilograms. */
  protected readonly wanted = signal('');
  protected readonly today = today;
  protected readonly sayDate = sayDate;

  protected readonly cards = computed(() => {
    const wanted = Number(this.wanted().replace(',', '.'));
    const asked = this.wanted().trim() !== '' && wanted > 0 ? wanted * newtonsPerKilogram : null;
    return this.bands.all().map((band) => {
      const test = newestOf(band);
      const curve = test && bandCurve(test);
      const stretch = curve && asked !== null ? stretchFor(curve, asked) : null;
      return {
        band,
        test,
        points: curve
          ? [0.5, 1, 1.5, 2].flatMap((x) => {
              const force = forceAt(curve, x);
              if (force === null) return [];
              const error = curveError(curve, x);
              return [
                `${Math.round(x * 100)} % longer: ${kilograms(force)}${error === null ? '' : `, give or take ${within(2 * error)}`}`,
              ];
            })
          : [],
        fit: curve
          ? curve.error === null
            ? 'Two pulls make a straight line; a third says how far off it may be.'
            : `A pull lies ${within(curve.error)} from the curve, in the mean.`
          : 'Not tested yet.',
        wanted:
          asked === null || !curve || !test
            ? ''
            : stretch === null
              ? 'not within what was pulled'
              : `${Math.round(stretch * 100)} % longer, ${Math.round(test.slack * (1 + stretch))} cm from ${test.slack} cm`,
        ageing: ageingOf(band),
      };
    });
  });
  /** Pairs that are really the same. */
  protected readonly same = computed(() => {
    const tested = this.bands.all().flatMap((band) => {
      const test = newestOf(band);
      return test ? [{ name: band.name, curve: bandCurve(test) }] : [];
    });
    return tested.flatMap((one, i) =>
      tested.slice(i + 1).flatMap((other) => {
        const { verdict, percent } = compareBands(one.curve, other.curve);
        return verdict === 'same' && percent !== null
          ? [
              `${one.name} and ${other.name} are the same within what these pulls can show (${Math.abs(Math.round(percent))} % apart).`,
            ]
          : [];
      }),
    );
  });

  ngOnInit(): void {
    this.bands.load();
  }

  protected add(field: HTMLInputElement): void {
    const name = field.value.trim();
    if (name !== '') this.bands.add(name);
    field.value = '';
    field.focus();
  }

  protected take(band: Band, slack: string, lines: string, date: string): void {
    const read = readPulls(slack, lines, date);
    if (!read.ok) return this.refused.set(read.error);
    this.refused.set('');
    this.testing.set(null);
    this.bands.addTest(band, read.value);
  }
}

/** How a band has aged since the test before the newest. */
function ageingOf({ tests }: Band): string {
  const [newest, before] = [...tests].sort((a, b) => (a.date < b.date ? 1 : -1));
  if (!newest || !before) return '';
  const { verdict, percent } = compareBands(bandCurve(newest), bandCurve(before));
  const since = `since ${sayDate(before.date)}`;
  if (verdict === 'too-early' || percent === null)
    return `Not to be compared with ${sayDate(before.date)}: too few pulls.`;
  if (verdict === 'same') return `As strong as on ${sayDate(before.date)}, within what these pulls can show.`;
  return percent < 0
    ? `${Math.abs(Math.round(percent))} % weaker ${since}: look for cracks, and think of a new one.`
    : `${Math.round(percent)} % stronger ${since}: was it pulled the same way?`;
}
