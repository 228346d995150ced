import { signal } from '@angular/core';
import { type Picture, readPicture } from '../../../data/picture';

/** The picture an instrument reads from: a drawing to practise on, or one that was chosen and stays on this device. */
export class ChosenPicture {
  readonly picture;
  /** What is wrong, or still to do, in words. */
  readonly fault = signal('');
  private readonly drawn = signal(true);
  readonly practising = this.drawn.asReadonly();

  constructor(drawing: Picture) {
    this.picture = signal(drawing);
  }

  practise(drawing: Picture): void {
    this.drawn.set(true);
    this.picture.set(drawing);
    this.fault.set('');
  }

  /** @returns whether it is a picture that can be shown */
  async choose(file: File | null): Promise<boolean> {
    const read = file && (await readPicture(file));
    this.fault.set(file && !read ? 'This file is not a picture that can be shown. Choose a JPEG or PNG.' : '');
    if (!read) return false;
    this.drawn.set(false);
    this.picture.set(read);
    return true;
  }

  /** A drawing is no student's foot. @returns whether what was read may be taken */
  mayBeTaken(): boolean {
    if (this.drawn())
      this.fault.set('This is a drawing to practise on: it is never taken as a student’s own. Choose a picture.');
    return !this.drawn();
  }
}
