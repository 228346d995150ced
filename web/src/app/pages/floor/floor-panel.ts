import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  ElementRef,
  afterNextRender,
  afterRenderEffect,
  computed,
  inject,
  signal,
} from '@angular/core';
import { breathWords, nameOf, levelLines } from '@core/card';
import { cautionsFor, concernNames } from '@core/exercise';
import { faultsIn, redThread } from '@core/idea';
import { kitNames } from '@core/kit';
import { checkName } from '@core/measure';
import { Answer, mostHands, wornNow } from '@core/run';
import { facingWords, placeWords, sightOf } from '@core/sight';
import { NumberField } from '../../parts/dose/number-field';
import { Footprints } from '../../parts/footprints/footprints';
import { viewWords } from '../../parts/saying/fault-words';
import { FloorReading } from './floor-reading';
import { FloorStore } from './floor-store';
import { RosterFlow } from './roster-flow';

const noHands = { better: 0, same: 0, worse: 0 };
const choices = [
  { id: 'keep', words: 'keep it' },
  { id: 'again', words: 'try again' },
  { id: 'drop', words: 'drop it' },
] as const;

/** Beside the count: what to take, what to mind, the one fault to watch, the levels; towards the end what is next. */
@Component({
  selector: 'nw-floor-panel',
  imports: [Footprints, NumberField],
  templateUrl: './floor-panel.html',
  styleUrls: ['./floor-quiet.scss', './floor-panel.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FloorPanel {
  private readonly store = inject(FloorStore);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  protected readonly reading = inject(FloorReading);
  protected readonly roster = inject(RosterFlow);
  /** The looks again are answered name by name. */
  protected readonly byName = signal(false);
  protected readonly view = viewWords;
  protected readonly counts = Array.from({ length: 41 }, (_, i) => i);

  protected readonly kit = computed(
    () =>
      this.reading
        .time()
        ?.execution?.kit.map((need) => kitNames[need.kit])
        .join(', ') ?? '',
  );
  protected readonly fault = computed(() => {
    const [state, execution] = [this.reading.state(), this.reading.time()?.execution];
    return (state && execution && faultsIn(state.plan, execution)[0]) ?? null;
  });
  /** Stay the same objects until the class is adapted: what follows from them is not worked out at every tick. */
  private readonly plan = computed(() => this.reading.state()?.plan ?? null);
  private readonly timeline = computed(() => this.reading.state()?.timeline ?? null);
  private readonly thread = computed(() => {
    const [plan, timeline] = [this.plan(), this.timeline()];
    return plan && timeline && redThread(plan, timeline);
  });
  private readonly sight = computed(() => {
    const [plan, timeline] = [this.plan(), this.timeline()];
    return plan && timeline && sightOf(plan, timeline);
  });
  private readonly itemId = computed(() => this.reading.item()?.id ?? null);
  /** The idea of the class where this item carries it, or what bridges where it asks the opposite; its question at the end. */
  protected readonly idea = computed(() => {
    const thread = this.thread();
    const here = thread?.items.find(({ itemId }) => itemId === this.itemId());
    if (!thread || !here) return null;
    if (here.question !== '') return { label: 'ask about the idea', words: here.question };
    if (here.part === 'opposes') return { label: 'bridge', words: here.bridge };
    return here.part === 'carries'
      ? { label: 'the idea', words: [here.correction, here.picture].filter((said) => said !== '').join(' ') }
      : null;
  });
  /** Where to stand for it, where that is another place than before. */
  protected readonly stand = computed(() => {
    const foot = this.reading.bout()?.feet;
    const goes = (this.sight()?.items ?? []).filter(({ itemId }) => itemId === this.itemId());
    const here = goes.find(({ feet }) => feet === foot) ?? goes[0];
    // who is there already is not told again
    if (!here?.arrives) return '';
    const places = here.places.map((place) => placeWords(place, here.facing));
    return `they look ${facingWords(here.facing)}; ${places.length === 1 ? 'you' : 'the first'} ${places.join(', the second ')}`;
  });
  /** The piece that it is done to. */
  protected readonly piece = computed(() => {
    const [state, item] = [this.reading.state(), this.reading.item()];
    const piece = state?.plan.music.pieces.find(({ id }) => id === item?.piece);
    return piece ? `${piece.title}, ${piece.beatsPerMinute} a minute` : '';
  });
  /** What somebody in this room has to mind; the first there is where nobody has said who comes. */
  protected readonly caution = computed(() => {
    const concerns = this.reading.state()?.plan.brief.concerns ?? [];
    const [first] = cautionsFor(this.reading.time()?.execution?.cautions ?? [], concerns);
    return first ? `${concernNames[first.concern]}: ${first.words}` : null;
  });
  protected readonly levels = computed(() => {
    const state = this.reading.state();
    const time = this.reading.time();
    return state && time ? levelLines(state.plan, time) : [];
  });
  protected readonly note = computed(() => this.reading.item()?.note ?? '');
  /** How it is done beside the dose, before it begins: the breath, the check that is taken with it. */
  protected readonly how = computed(() => {
    const state = this.reading.state();
    const [item, execution] = [this.reading.item(), this.reading.time()?.execution];
    if (!state || !item || !execution || this.reading.wearing() !== null || this.reading.moment() !== null) return [];
    const check = item.check && !item.recheck ? checkName(item.check) : '';
    return [
      { label: 'check', words: check },
      { label: 'breath', words: breathWords(state.plan, item, execution) },
    ].filter(({ words }) => words !== '');
  });
  /** What is on the feet beside the work. */
  protected readonly worn = computed(() => {
    const state = this.reading.state();
    return (state ? wornNow(state) : []).flatMap(({ id }) => {
      const time = state?.timeline.items.find((t) => t.itemId === id);
      return state && time ? [nameOf(state.plan, time)] : [];
    });
  });
  /** The feet of the phase, while it is they that matter; towards the end what comes next does. */
  protected readonly shown = computed(() =>
    (this.reading.moment()?.last ?? false) || this.reading.idle() ? null : this.reading.phase(),
  );
  /** A look again asks what it shows, on each foot. */
  protected readonly recheck = computed(() => {
    const state = this.reading.state();
    const item = this.reading.item();
    if (!state || !item?.recheck) return null;
    const { of } = item.recheck;
    const drill = of === null ? null : state.timeline.items.find((t) => t.itemId === of)?.execution?.exercise;
    const words = drill ? `after ${drill.name[state.plan.school.words]}` : 'after the class';
    const said = this.store.names().answers.filter((one) => one.itemId === item.id);
    return {
      itemId: item.id,
      words: item.check ? `${words}: ${checkName(item.check)}` : words,
      rows: (['left', 'right'] as const).map((feet) => ({
        feet,
        words: `${feet} foot`,
        answers: Answer.options.map((id) => ({
          id,
          chosen: state.answers.some((a) => a.itemId === item.id && a.feet === feet && a.answer === id),
        })),
      })),
      hands: (['better', 'same', 'worse'] as const).map((id) => ({
        id,
        count: state.tallies.find((tally) => tally.itemId === item.id)?.[id] ?? 0,
      })),
      students: this.roster.students().map(({ id: studentId, called }) => ({
        id: studentId,
        called,
        answers: Answer.options.map((id) => ({
          id,
          chosen: said.some((one) => one.studentId === studentId && one.answer === id),
        })),
      })),
      choices:
        of === null
          ? []
          : choices.map((choice) => ({
              ...choice,
              chosen: state.decisions.some((d) => d.itemId === item.id && d.keep === choice.id),
            })),
    };
  });

  constructor() {
    const destroy = inject(DestroyRef);
    // nobody scrolls with wet hands: where there is more to say than room for it, it is said smaller
    afterRenderEffect(() => {
      const { name, foot, owing, state } = this.reading;
      const said = [name(), foot(), owing(), state()?.status, this.plan(), this.byName()];
      if (said.length > 0) this.settle();
    });
    // and where what stands around it leaves it another height
    afterNextRender(() => {
      const { parentElement } = this.host;
      const watcher = new ResizeObserver(() => this.settle());
      if (parentElement) watcher.observe(parentElement);
      destroy.onDestroy(() => watcher.disconnect());
    });
  }

  private settle(): void {
    const { classList, parentElement } = this.host;
    classList.remove('tight');
    if (parentElement && parentElement.scrollHeight > parentElement.clientHeight) classList.add('tight');
  }

  protected count(answer: Answer, hands: number): void {
    const [item, state] = [this.reading.item(), this.reading.state()];
    if (!item || !state) return;
    const counted = Math.min(mostHands, Math.max(0, Math.round(hands)));
    const { better, same, worse } = state.tallies.find((tally) => tally.itemId === item.id) ?? noHands;
    this.store.act({ kind: 'tallied', itemId: item.id, better, same, worse, [answer]: counted });
  }

  protected decide(keep: 'keep' | 'again' | 'drop'): void {
    const item = this.reading.item();
    if (item) this.store.act({ kind: 'decided', itemId: item.id, keep });
  }

  protected answerIt(feet: 'left' | 'right', answer: Answer): void {
    const item = this.reading.item();
    if (item) this.store.act({ kind: 'answered', itemId: item.id, feet, answer });
  }
}
