/** A picture of this device, shown in the page alone: it is not sent anywhere and not kept. */
export interface Picture {
  readonly url: string;
  readonly width: number;
  readonly height: number;
}

/** Reads a picture that somebody chose. @returns null where it is no picture */
export async function readPicture(file: File): Promise<Picture | null> {
  const url = await new Promise<string | null>((done) => {
    const reader = new FileReader();
    reader.onload = () => done(typeof reader.result === 'string' ? reader.result : null);
    reader.onerror = () => done(null);
    reader.readAsDataURL(file);
  });
  if (url === null) return null;
  return new Promise((done) => {
    const image = new Image();
    image.onload = () => done({ url, width: image.naturalWidth, height: image.naturalHeight });
    image.onerror = () => done(null);
    image.src = url;
  });
}
