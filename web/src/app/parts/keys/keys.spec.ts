import { TestBed } from '@angular/core/testing';
import { MAT_DIALOG_DATA } from '@angular/material/dialog';
import { designerKeys, orderKeys, pickerKeys } from '../../pages/designer/designer-keys';
import { floorKeys } from '../../pages/floor/floor-keys';
import { throughKeys } from '../../pages/through/through-keys';
import { threadKeys } from '../thread/thread-keys';
import { KeySheet } from './key-sheet';
import { type KeyTable, doingOf, keyOf, linesOf } from './key-table';

const tables: readonly KeyTable[] = [designerKeys, throughKeys, orderKeys, pickerKeys, threadKeys, floorKeys];

/** A key pressed on an element, as the browser tells it. */
function pressed(key: string, on: Partial<KeyboardEventInit> = {}, target = '<div></div>'): KeyboardEvent {
  document.body.innerHTML = target;
  const event = new KeyboardEvent('keydown', { key, bubbles: true, ...on });
  document.body.firstElementChild?.dispatchEvent(event);
  return event;
}

describe('a pressed key', () => {
  it('is written as tables write it: capitals as small letters, Command as Control', () => {
    expect(keyOf(pressed('F'))).toBe('f');
    expect(keyOf(pressed('z', { metaKey: true }))).toBe('Control+z');
    expect(keyOf(pressed('Z', { ctrlKey: true, shiftKey: true }))).toBe('Control+Shift+z');
    expect(keyOf(pressed('ArrowUp', { altKey: true }))).toBe('Alt+ArrowUp');
    // a question mark needs Shift on many keyboards and none on others
    expect(keyOf(pressed('?', { shiftKey: true }))).toBe('?');
  });

  it('does what its table says, and nothing where it has no line', () => {
    expect(doingOf(designerKeys, pressed('t'))).toBe('fit');
    expect(doingOf(designerKeys, pressed('y', { ctrlKey: true }))).toBe('redo');
    expect(doingOf(designerKeys, pressed('q'))).toBeNull();
    // with a modifier it is the browser's
    expect(doingOf(designerKeys, pressed('t', { ctrlKey: true }))).toBeNull();
  });

  it('is left to whoever is writing', () => {
    for (const field of ['<input>', '<textarea></textarea>', '<select></select>', '<p contenteditable="true"></p>'])
      expect(doingOf(designerKeys, pressed('t', {}, field))).toBeNull();
    expect(doingOf(designerKeys, pressed('z', { ctrlKey: true }, '<input>'))).toBeNull();
  });

  it('undoes in a number of a dose and in a list to choose from, which have nothing of their own to undo', () => {
    expect(doingOf(designerKeys, pressed('z', { ctrlKey: true }, '<select></select>'))).toBe('undo');
    const dose = '<input role="spinbutton">';
    expect(doingOf(designerKeys, pressed('z', { ctrlKey: true }, dose))).toBe('undo');
    expect(doingOf(designerKeys, pressed('t', {}, dose))).toBeNull();
  });
});

describe('the tables of keys', () => {
  it.each(tables.map((table) => [table.where, table] as const))('%s: no key does two things', (_, { bindings }) => {
    const keys = bindings.flatMap((b) => b.keys);
    expect(new Set(keys).size).toBe(keys.length);
  });

  it('T is the fit in the class, and not the tones on the floor', () => {
    expect(doingOf(floorKeys, pressed('t'))).toBeNull();
    expect(doingOf(floorKeys, pressed('m'))).toBe('tones');
  });

  it('the designer and the running order, which hear the same key, do not quarrel over it', () => {
    const own = new Set(designerKeys.bindings.flatMap((b): string[] => [...b.keys]));
    expect(orderKeys.bindings.flatMap((b) => b.keys).filter((key) => own.has(key))).toEqual([]);
  });

  it('put what belongs together on one line of the sheet', () => {
    expect(linesOf(orderKeys)).toEqual([
      { shown: '↑ ↓', words: 'the item before or after' },
      { shown: 'Alt ↑ ↓', words: 'move the item' },
      { shown: 'Delete', words: 'take the item out' },
    ]);
  });
});

describe('the sheet of keys', () => {
  it('names every place and every key that a handler hears', async () => {
    TestBed.configureTestingModule({ providers: [{ provide: MAT_DIALOG_DATA, useValue: tables }] });
    const fixture = TestBed.createComponent(KeySheet);
    await fixture.whenStable();
    const sheet = fixture.nativeElement as HTMLElement;
    expect([...sheet.querySelectorAll('h3')].map((h) => h.textContent)).toEqual(tables.map((t) => t.where));
    expect([...sheet.querySelectorAll('dt')].map((t) => t.textContent)).toEqual(
      tables.flatMap((table) => linesOf(table).map((line) => line.shown)),
    );
  });
});
