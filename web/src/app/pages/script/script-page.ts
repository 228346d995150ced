import { ChangeDetectionStrategy, Component, type OnInit, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { doseWords, nameOf } from '@core/card';
import { type Cue, type CueMoment, isTooLong, sayable, scriptOf, silences, spokenMs, tooLongIn } from '@core/cues';
import { sayTime } from '@core/say-time';
import { ClassReader } from '../../data/class-reader';
import { Loading } from '../../parts/loading/loading';
import { TopBar } from '../../parts/top/top-bar';
import { TrackFiles } from './track-files';

const momentNames: Readonly<Record<CueMoment, string>> = {
  idea: 'the idea',
  talk: 'talk',
  setup: 'set-up',
  side: 'other foot',
  limit: 'to mind',
  options: 'levels',
  action: 'action',
  picture: 'picture',
  breath: 'breath',
  correction: 'correction',
  turn: 'turn',
  last: 'last rep',
  compare: 'compare',
  ask: 'ask',
  'take-off': 'take off',
};

interface Line {
  readonly time: string;
  readonly moment: string;
  readonly phase: string;
  readonly words: string;
  /** What is said instead where all of it cannot be; empty else. */
  readonly shorter: string;
  readonly tooLong: boolean;
  readonly seconds: string;
  /** Silence after it until the next word, s; what the class hears of itself. */
  readonly silence: string;
}

/** The words of a class over time, to rehearse from: what is said, when, and how long there is for it. */
@Component({
  selector: 'nw-script-page',
  imports: [Loading, MatButton, RouterLink, TopBar],
  providers: [ClassReader, TrackFiles],
  templateUrl: './script-page.html',
  styleUrl: './script-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ScriptPage implements OnInit {
  readonly id = input.required<string>();
  protected readonly shown = inject(ClassReader);
  protected readonly files = inject(TrackFiles);

  protected readonly script = computed(() => {
    const timed = this.shown.timed();
    if (!timed) return null;
    const { plan, timeline } = timed;
    const script = scriptOf({ plan, timeline, taught: timed.taught });
    const times = new Map(timeline.items.map((time) => [time.itemId, time]));
    const groups: { key: string; time: string; name: string; dose: string; lines: Line[] }[] = [];
    const silent = silences(script, timeline.totalMs);
    script.cues.forEach((cue, i) => {
      const line = lineOf(cue, silent[i] ?? 0, script.wordsPerMinute);
      const last = groups.at(-1);
      const key = `${cue.itemId ?? 'compare'} ${cue.bout}`;
      if (last?.key === key) return void last.lines.push(line);
      const time = cue.itemId === null ? undefined : times.get(cue.itemId);
      const foot = cue.feet === 'left' || cue.feet === 'right' ? `, ${cue.feet} foot` : '';
      groups.push({
        key,
        time: sayTime(cue.startMs),
        name: time ? `${nameOf(plan, time)}${foot}` : 'Compare the feet',
        dose: time ? doseWords(plan, time) : '',
        lines: [line],
      });
    });
    return {
      plan,
      timeline,
      whole: script,
      nameOf: (itemId: string): string => {
        const time = times.get(itemId);
        return time ? nameOf(plan, time) : '';
      },
      groups,
      long: tooLongIn(script).length,
      spoken: sayTime(spokenMs(script)),
      total: sayTime(timeline.totalMs),
      rate: script.wordsPerMinute,
    };
  });

  ngOnInit(): void {
    this.shown.open(this.id());
  }

  protected print(): void {
    window.print();
  }
}

function lineOf(cue: Cue, silentMs: number, rate: number): Line {
  const { startMs, moment, phase, words, sayMs, roomMs } = cue;
  const tooLong = isTooLong(cue);
  const said = sayable(cue, rate);
  return {
    time: sayTime(startMs),
    moment: momentNames[moment],
    phase: phase ?? '',
    words,
    shorter: said === words ? '' : said,
    tooLong,
    seconds: `${(sayMs / 1000).toFixed(1)} s of ${(roomMs / 1000).toFixed(1)}`,
    silence: silentMs >= 5000 ? `${Math.round(silentMs / 1000)} s silence` : '',
  };
}
