import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatDialog } from '@angular/material/dialog';
import { provideRouter } from '@angular/router';
import { FloorStore } from './floor-store';
import { TonePlayer } from './tone-player';
import { Voice } from './voice';
import { WaysSheet } from './ways-sheet';

async function sheet(rehearse = false) {
  const state = signal({ flowing: false });
  const sounds = signal(true);
  const tones = { on: sounds, turn: jest.fn(() => sounds.set(!sounds())) };
  const voice = { on: signal(false), toggle: jest.fn() };
  TestBed.configureTestingModule({
    providers: [
      provideRouter([]),
      { provide: FloorStore, useValue: { state } },
      { provide: TonePlayer, useValue: tones },
      { provide: Voice, useValue: voice },
      { provide: MatDialog, useValue: { open: jest.fn() } },
    ],
  });
  const fixture = TestBed.createComponent(WaysSheet);
  for (const [name, value] of Object.entries({ classId: 'class-1', rehearse, facing: true }))
    fixture.componentRef.setInput(name, value);
  const turned: string[] = [];
  fixture.componentInstance.flowTurned.subscribe(() => turned.push('flow'));
  fixture.componentInstance.facingTurned.subscribe(() => turned.push('facing'));
  await fixture.whenStable();
  const page = fixture.nativeElement as HTMLElement;
  const press = async (words: string) => {
    [...page.querySelectorAll('button')].find((b) => b.textContent?.trim() === words)?.click();
    await fixture.whenStable();
  };
  const holds = () => [...page.querySelectorAll('[aria-pressed=true]')].map((b) => b.textContent?.trim());
  return { page, press, holds, turned, tones, voice };
}

describe('how the class runs', () => {
  it('says both ways of each, and which holds: nobody has to guess whether a word is a state or an action', async () => {
    const { page, holds } = await sheet();
    expect(holds()).toEqual(['waits for you', 'facing them', 'on', 'is silent']);
    expect(page.querySelectorAll('.way button').length).toBe(8);
  });

  it('turns what is pressed, and leaves what holds already', async () => {
    const { press, holds, turned, tones, voice } = await sheet();
    await press('waits for you');
    await press('facing them');
    expect(turned).toEqual([]);
    await press('goes on by itself');
    await press('beside them');
    await press('off');
    await press('says the words');
    expect(turned).toEqual(['flow', 'facing']);
    expect([tones.turn, voice.toggle].map((turn) => turn.mock.calls.length)).toEqual([1, 1]);
    expect(holds()).toContain('off');
  });

  it('has no students to stand before, and no room to show, in a rehearsal', async () => {
    const { page } = await sheet(true);
    expect(page.textContent).not.toContain('facing them');
    expect(page.textContent).not.toContain('For the room');
  });

  it('leads to every place of the house', async () => {
    const { page } = await sheet();
    expect([...page.querySelectorAll('nav a')].map((a) => a.textContent)).toContain('How I teach');
  });
});
