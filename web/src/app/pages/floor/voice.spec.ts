import { TestBed } from '@angular/core/testing';
import { Voice } from './voice';

/** A browser's voice: it begins what it is told to say, or never answers. */
function browserVoice(answers: boolean) {
  const spoken: { text: string; rate: number }[] = [];
  const cancel = jest.fn();
  Object.assign(globalThis, {
    SpeechSynthesisUtterance: class {
      lang = '';
      rate = 1;
      onstart: (() => void) | null = null;
      onerror: ((event: { error: string }) => void) | null = null;
      constructor(readonly text: string) {}
    },
    speechSynthesis: {
      cancel,
      speak: (said: { text: string; rate: number; onstart: (() => void) | null }) => {
        spoken.push({ text: said.text, rate: said.rate });
        if (answers) said.onstart?.();
      },
    },
  });
  return { spoken, cancel };
}

describe('the voice on the floor', () => {
  beforeEach(() => {
    localStorage.clear();
    jest.useFakeTimers();
  });
  afterEach(() => {
    jest.useRealTimers();
    Reflect.deleteProperty(globalThis, 'speechSynthesis');
  });
  const make = () => {
    TestBed.configureTestingModule({ providers: [Voice] });
    return TestBed.inject(Voice);
  };

  it('says nothing unless the teacher asks, then the words at about the teacher’s own rate', () => {
    const { spoken } = browserVoice(true);
    const voice = make();
    voice.say('Press.', 145);
    expect(spoken).toEqual([]);
    voice.toggle();
    voice.say('Press.', 140);
    expect(spoken).toEqual([{ text: 'Press.', rate: 0.8 }]);
    jest.advanceTimersByTime(10_000);
    expect(voice.works()).toBe(true);
  });

  it('says one thing at a time: what comes next takes the place of what is being said', () => {
    const { spoken, cancel } = browserVoice(true);
    const voice = make();
    voice.toggle();
    voice.say('Press.', 145);
    cancel.mockClear();
    voice.say('And down.', 145);
    expect(cancel).toHaveBeenCalledTimes(1);
    expect(spoken.map(({ text }) => text)).toEqual(['Press.', 'And down.']);
  });

  it('that never answers is told once, and not asked again', () => {
    const { spoken } = browserVoice(false);
    const voice = make();
    voice.toggle();
    voice.say('Press.', 145);
    expect(voice.works()).toBeNull();
    jest.advanceTimersByTime(3000);
    expect(voice.works()).toBe(false);
    voice.say('And down.', 145);
    expect(spoken).toHaveLength(1);
  });

  it('where there is none is told at once', () => {
    const voice = make();
    voice.toggle();
    expect(voice.works()).toBe(false);
    voice.say('Press.', 145);
  });
});
