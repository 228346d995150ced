import { TestBed } from '@angular/core/testing';
import { type Pace, defaultPace, paceDefaults } from '@core/plan';
import { PaceList } from './pace-list';

describe('the list of a teacher’s pace', () => {
  const open = async (pace: Pace = defaultPace()) => {
    const fixture = TestBed.createComponent(PaceList);
    const changes: object[] = [];
    fixture.componentInstance.changed.subscribe((change) => changes.push(change));
    fixture.componentRef.setInput('pace', pace);
    await fixture.whenStable();
    return { list: fixture.nativeElement as HTMLElement, changes };
  };
  const row = (list: HTMLElement, label: string) =>
    [...list.querySelectorAll('dl > div')].find((r) => r.textContent?.includes(label));

  it('shows every figure there is, once, with where it comes from', async () => {
    const { list } = await open();
    const labels = [...list.querySelectorAll('dt')].map((dt) => dt.firstChild?.textContent?.trim());
    expect(labels.sort()).toEqual(
      Object.values(paceDefaults)
        .map((d) => d.label)
        .sort(),
    );
    expect(row(list, 'Moving a band')?.textContent).toContain('Read off real teaching: About 37 s.');
  });

  it('says of a figure that was changed that it is the teacher’s own', async () => {
    const { list } = await open({ ...defaultPace(), moveBandSeconds: 20 });
    expect(row(list, 'Moving a band')?.textContent).toContain('Yours; the start was 37.');
  });

  it('names what was changed and to what', async () => {
    const { list, changes } = await open();
    row(list, 'Changing foot')?.querySelectorAll('button')[1]?.click();
    expect(changes).toEqual([{ key: 'sideSwitchSeconds', value: 5 }]);
  });
});
