import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { Subject, TimeoutError } from 'rxjs';
import type { DevicePacket } from '@core/contract';
import { matHz } from '@core/device';
import { LocalWorker } from '../../../testing/local-worker';
import { DeviceStream } from '../../data/device-stream';
import { WORKER_FACTORY } from '../../worker/heavy-work';
import { DevicesPage } from './devices-page';
import { recordSeconds } from './recording-store';

async function open() {
  const packets = new Subject<DevicePacket>();
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      { provide: WORKER_FACTORY, useValue: () => new LocalWorker() },
      { provide: DeviceStream, useValue: { open: () => packets } },
    ],
  });
  const fixture = TestBed.createComponent(DevicesPage);
  await fixture.whenStable();
  const page = fixture.nativeElement as HTMLElement;
  return {
    packets,
    words: () => page.innerHTML.replace(/<[^>]+>/g, ' ').replace(/\s+/g, ' '),
    press: async (words: string) => {
      [...page.querySelectorAll('button')].find(({ textContent }) => textContent.includes(words))?.click();
      await fixture.whenStable();
    },
    settle: async () => {
      await new Promise((done) => setTimeout(done));
      await fixture.whenStable();
    },
  };
}
/** A circle of 10 mm, once a second. */
const circle = (from: number, n: number): DevicePacket =>
  Array.from({ length: n }, (_, i): [number, number] => {
    const turn = (2 * Math.PI * (from + i)) / matHz;
    return [10 * Math.cos(turn), 10 * Math.sin(turn)];
  });

describe('a device', () => {
  it('is recorded for its time, and its figures are told; nothing of it is kept', async () => {
    const { packets, words, press, settle } = await open();
    await press('Stand on the mat');
    for (let s = 0; s < recordSeconds; s++) packets.next(circle(s * matHz, matHz));
    await settle();
    expect(words()).toContain(`stood ${recordSeconds} s`);
    // thirty turns of 2π · 10 mm are 1885 mm
    expect(words()).toMatch(/the point travelled 188\d mm, 6\d\.\d mm a second/);
    expect(words()).toContain('shown and never kept');
  });

  it('that falls silent while it is read: nothing is taken, and it is said how far it came', async () => {
    const { packets, words, press, settle } = await open();
    await press('Stand on the mat');
    packets.next(circle(0, 4 * matHz));
    packets.error(new TimeoutError());
    await settle();
    expect(words()).toContain(`The device stopped after 4 s of ${recordSeconds}. Nothing was taken`);
    expect(words()).not.toContain('the point travelled');
  });

  it('of degrees shows the newest', async () => {
    const { packets, words, press, settle } = await open();
    await press('Read the gauge');
    packets.next([10, 42.4]);
    await settle();
    expect(words()).toContain('42°');
  });
});
