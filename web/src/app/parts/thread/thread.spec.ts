import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { reps } from '@core/dose';
import { bareClass, sampleExercise } from '@core/testing/sample';
import { Thread, type ThreadPoint } from './thread';

/** The thread of a class as a teacher handles it: what it says, keys on it, the pointer over it. */
class ThreadHarness {
  readonly chosen: string[] = [];
  readonly pointed: (ThreadPoint | null)[] = [];
  private readonly fixture: ComponentFixture<Thread>;

  constructor(made: ReturnType<typeof bareClass>) {
    this.fixture = TestBed.createComponent(Thread);
    this.set('plan', made.plan);
    this.set('timeline', made.timeline);
    this.fixture.componentInstance.chosen.subscribe((id) => this.chosen.push(id));
    this.fixture.componentInstance.pointed.subscribe((point) => this.pointed.push(point));
  }

  get cloth(): SVGSVGElement {
    const found = (this.fixture.nativeElement as HTMLElement).querySelector<SVGSVGElement>('svg.cloth');
    if (!found) throw new Error('no thread');
    return found;
  }
  get width(): number {
    return Number(this.cloth.getAttribute('width'));
  }
  get labels(): (string | null)[] {
    return this.all('[role=option]').map((item) => item.getAttribute('aria-label'));
  }
  all(selector: string): Element[] {
    return [...(this.fixture.nativeElement as HTMLElement).querySelectorAll(selector)];
  }
  set(input: string, value: unknown): void {
    this.fixture.componentRef.setInput(input, value);
  }
  async shown(): Promise<this> {
    await this.fixture.whenStable();
    return this;
  }
  async press(key: string): Promise<boolean> {
    const event = new KeyboardEvent('keydown', { key, cancelable: true });
    this.cloth.dispatchEvent(event);
    await this.shown();
    return event.defaultPrevented;
  }
  async button(name: string): Promise<void> {
    this.all('button')
      .find((button) => button.textContent?.trim() === name)
      ?.dispatchEvent(new Event('click'));
    await this.shown();
  }
  /** Moves the pointer over the thread, px from its left edge. */
  async point(x: number): Promise<void> {
    const event = new Event('pointermove') as PointerEvent;
    Object.defineProperty(event, 'clientX', { value: x });
    this.cloth.dispatchEvent(event);
    await this.shown();
  }
}

// 3 reps of 4 s on each foot, then 5 reps of 4 s on both: 24 s and 20 s of a slot of a minute
const two = () =>
  bareClass(
    [
      { exercise: sampleExercise('press'), dose: reps(3) },
      { exercise: sampleExercise('rise', { sidePattern: 'both' }), dose: reps(5) },
    ],
    { slotSeconds: 60 },
  );

describe('the thread of a class', () => {
  beforeAll(() => {
    globalThis.ResizeObserver ??= class {
      observe = () => undefined;
      unobserve = () => undefined;
      disconnect = () => undefined;
    };
    Element.prototype.scrollTo ??= () => undefined;
  });

  it('says each item in words, with its start and how long it lasts', async () => {
    const thread = await new ThreadHarness(two()).shown();
    expect(thread.labels).toEqual([
      'press, from 0:00, lasts 0:24, 3 reps, each foot',
      'rise, from 0:24, lasts 0:20, 5 reps, both feet',
    ]);
  });

  it('draws a one-foot item on each foot in turn, left above right', async () => {
    const thread = await new ThreadHarness(two()).shown();
    expect(thread.all('[role=option]')[0]?.querySelectorAll('rect.touch')).toHaveLength(1);
    const [left, right] = ['left', 'right'].map((foot) => thread.all(`.stitch.${foot}`)[0]?.getAttribute('d') ?? '');
    expect(left).not.toBe('');
    expect(left?.match(/M/g)?.length).toBe(right?.match(/M/g)?.length);
    expect(left).not.toBe(right);
  });

  it('shows what lies beyond the slot, and nothing like it where there is room', async () => {
    expect((await new ThreadHarness(two()).shown()).all('.too-much')).toHaveLength(0);
    const tight = two();
    const thread = new ThreadHarness({ ...tight, plan: { ...tight.plan, slotSeconds: 30 } });
    expect((await thread.shown()).all('.too-much')).toHaveLength(1);
    expect(thread.all('.unused')[0]?.getAttribute('d')).toBe('');
  });

  it('goes from item to item with the arrow keys and stays at the ends', async () => {
    const thread = await new ThreadHarness(two()).shown();
    await thread.press('End');
    expect(thread.chosen).toEqual(['item-1']);
    thread.set('selected', 'item-1');
    await thread.press('ArrowRight');
    await thread.press('ArrowLeft');
    await thread.press('Home');
    expect(thread.chosen).toEqual(['item-1', 'item-0', 'item-0']);
    thread.set('selected', 'item-0');
    expect(await thread.press('ArrowLeft')).toBe(true);
    expect(thread.chosen.at(-1)).toBe('item-0');
  });

  it('tells a screen reader which item is chosen', async () => {
    const thread = new ThreadHarness(two());
    thread.set('selected', 'item-1');
    await thread.shown();
    expect(thread.cloth.getAttribute('aria-activedescendant')).toBe('thread-item-1');
    expect(thread.all('[aria-selected=true]').map((e) => e.id)).toEqual(['thread-item-1']);
  });

  it('comes closer and goes back with keys and buttons; the whole class is the widest', async () => {
    const thread = await new ThreadHarness(two()).shown();
    const whole = thread.width;
    await thread.press('+');
    expect(thread.width).toBeGreaterThan(whole * 1.4);
    await thread.button('closer');
    await thread.press('0');
    expect(thread.width).toBe(whole);
    await thread.press('-');
    expect(thread.width).toBe(whole);
  });

  it('folds to the two feet alone, by its key and its button, and is so again on this device', async () => {
    localStorage.clear();
    const thread = await new ThreadHarness(two()).shown();
    const tall = Number(thread.cloth.getAttribute('height'));
    expect(thread.all('path.weave').length).toBe(1);
    await thread.press('f');
    expect(Number(thread.cloth.getAttribute('height'))).toBe(90);
    expect(thread.all('path.weave').length).toBe(0);
    expect(thread.all('.stitch.left').length).toBeGreaterThan(0);
    const again = await new ThreadHarness(two()).shown();
    expect(Number(again.cloth.getAttribute('height'))).toBe(90);
    await again.button('unfold');
    expect(Number(again.cloth.getAttribute('height'))).toBe(tall);
  });

  it('leaves keys that are not its own to the page', async () => {
    const thread = await new ThreadHarness(two()).shown();
    expect(await thread.press('t')).toBe(false);
  });

  it('tells the instant under the pointer and the item there; past the end there is none', async () => {
    const thread = await new ThreadHarness(two()).shown();
    // the slot of 60 s fills the width less the room for its label
    const pxPerSecond = (thread.width - 48) / 60;
    await thread.point(30 * pxPerSecond);
    expect(thread.pointed.at(-1)).toMatchObject({ itemId: 'item-1' });
    expect(thread.pointed.at(-1)?.ms).toBeCloseTo(30_000, -2);
    expect(thread.all('.pointer text')[0]?.textContent).toBe('0:30');
    await thread.point(50 * pxPerSecond);
    expect(thread.pointed.at(-1)).toBeNull();
    expect(thread.all('.pointer')).toHaveLength(0);
  });
});
