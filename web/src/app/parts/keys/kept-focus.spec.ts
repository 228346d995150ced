import { keepFocus } from './kept-focus';

describe('where the keyboard is when what was pressed goes away', () => {
  let end: () => void;
  const at = () => document.activeElement?.textContent ?? '';
  /** Presses a key on what is called that, does what it does, and waits for the next frame. */
  const press = async (words: string, does: () => void, key = 'Enter') => {
    const button = [...document.querySelectorAll<HTMLElement>('button')].find((one) => one.textContent === words)!;
    button.focus();
    button.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    does();
    await new Promise((done) => requestAnimationFrame(() => setTimeout(() => setTimeout(done))));
  };
  const page = (html: string) => (document.body.innerHTML = html);
  const remove = (id: string) => document.getElementById(id)!.remove();

  beforeEach(() => (end = keepFocus(document)));
  afterEach(() => end());

  it('is the next row, or the last one left; with the last row, what comes before the list', async () => {
    const row = (name: string) => `<li id="${name}"><button>${name} up</button><button>${name} out</button></li>`;
    page(`<main><button>add</button><ul>${['arch', 'toe', 'heel'].map(row).join('')}</ul></main>`);
    await press('toe out', () => remove('toe'));
    expect(at()).toBe('heel up');
    await press('heel out', () => remove('heel'), ' ');
    expect(at()).toBe('arch out');
    await press('arch out', () => remove('arch'));
    expect(at()).toBe('add');
  });

  it('is what has come in its place', async () => {
    page('<main><button>above</button><p><button id="it">It came back</button></p><button>below</button></main>');
    await press('It came back', () => {
      const line = document.querySelector('p')!;
      line.innerHTML = '<button tabindex="-1">by mouse</button><button>days done</button>';
    });
    expect(at()).toBe('days done');
  });

  it('is left to whoever puts it somewhere themselves, and where the page is gone, or a class is being taught', async () => {
    page('<main><button id="a">one</button><button>two</button><button id="own">own</button></main>');
    await press('one', () => {
      remove('a');
      setTimeout(() => document.getElementById('own')!.focus());
    });
    expect(at()).toBe('own');
    page('<main id="m"><button>go</button></main><nav><button>desk</button></nav>');
    await press('go', () => remove('m'));
    expect(document.activeElement).toBe(document.body);
    page('<main data-own-keys><button id="a">undo</button><button>end</button></main>');
    await press('undo', () => remove('a'));
    expect(document.activeElement).toBe(document.body);
  });

  it('does not look through the page at what is typed', () => {
    page('<main><input id="name"><button>out</button></main>');
    const field = document.getElementById('name')!;
    const looked = jest.spyOn(Element.prototype, 'querySelectorAll');
    for (const key of [' ', 'Backspace', 'Delete'])
      field.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    expect(looked).not.toHaveBeenCalled();
    field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
    expect(looked).toHaveBeenCalled();
    looked.mockRestore();
  });

  it('does not move for the mouse', async () => {
    page('<main><button id="a">one</button><button>two</button></main>');
    await press('one', () => {
      document.getElementById('a')!.dispatchEvent(new Event('pointerdown', { bubbles: true }));
      remove('a');
    });
    expect(document.activeElement).toBe(document.body);
  });
});
