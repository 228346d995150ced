import { TestBed } from '@angular/core/testing';
import { doingOf } from '../../parts/keys/key-table';
import { OwnKeys } from './own-keys';

describe('the keys on the floor', () => {
  beforeEach(() => localStorage.clear());
  const make = () => {
    TestBed.resetTestingModule();
    return TestBed.inject(OwnKeys);
  };
  const does = (keys: OwnKeys, key: string) => doingOf(keys.table(), new KeyboardEvent('keydown', { key }));

  it('are what they are until somebody gives one away: a pedal’s Page Down goes on, a presenter’s Page Up goes back', () => {
    const keys = make();
    expect(['PageDown', 'PageUp', ' ', 'u'].map((key) => does(keys, key))).toEqual([
      'primary',
      'back',
      'primary',
      'undo',
    ]);
    expect(keys.changed()).toBe(false);
  });

  it('given to a pedal do that and nothing else, on this device, until they are as they came', () => {
    const keys = make();
    keys.give('next', 'PageDown');
    expect([does(keys, 'PageDown'), does(keys, 'ArrowRight'), does(keys, ' ')]).toEqual(['next', null, 'primary']);
    expect(does(make(), 'PageDown')).toBe('next');
    const again = make();
    again.reset();
    expect([does(again, 'PageDown'), does(again, 'ArrowRight')]).toEqual(['primary', 'next']);
  });

  it('one key does one thing: given twice it does the later', () => {
    const keys = make();
    keys.give('next', 'b');
    keys.give('undo', 'b');
    expect([does(keys, 'b'), does(keys, 'ArrowRight')]).toEqual(['undo', 'next']);
  });

  it('what a device remembers and nobody can read is as if nothing was changed', () => {
    localStorage.setItem('needlework.floor-keys', '{not json');
    expect(does(make(), ' ')).toBe('primary');
    localStorage.setItem('needlework.floor-keys', '{"next": 7}');
    expect(does(make(), 'ArrowRight')).toBe('next');
  });
});
