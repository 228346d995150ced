import { ChangeDetectionStrategy, Component } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { NewName, justMade } from './new-name';

@Component({
  imports: [NewName],
  template: `<input nwNewName value="New course" />`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class Page {}

describe('a name', () => {
  const fieldAfter = async (info: unknown) => {
    TestBed.configureTestingModule({
      providers: [{ provide: Router, useValue: { lastSuccessfulNavigation: () => ({ extras: { info } }) } }],
    });
    const fixture = TestBed.createComponent(Page);
    await fixture.whenStable();
    const field = (fixture.nativeElement as HTMLElement).querySelector('input');
    return { isHere: document.activeElement === field, chosen: field && [field.selectionStart, field.selectionEnd] };
  };

  it('of what was just made is typed over at once', async () => {
    expect(await fieldAfter(justMade)).toEqual({ isHere: true, chosen: [0, 10] });
  });

  it('of what was there before is read first', async () => {
    expect((await fieldAfter(undefined)).isHere).toBe(false);
  });
});
