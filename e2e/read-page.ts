import type { Page } from '@playwright/test';

/** The sizes at which somebody teaches with it: laptop, tablet, tablet upright, phone, phone on its side. */
export const sizes = [
  { width: 1280, height: 800 },
  { width: 1024, height: 768 },
  { width: 844, height: 390 },
  { width: 390, height: 844 },
  // 1280 by 800 at twice the size
  { width: 640, height: 400 },
] as const;

/** The least letter, and the least that is hit by a thumb, px. */
export const least = { text: 12, target: 28 } as const;

/** Text that is drawn smaller than `least.text`, each once: its words, its size. What is shown as paper is as on paper. */
export const smallText = (page: Page, within = 'body'): Promise<string[]> =>
  page.evaluate(
    ([px, where]) => {
      const found = new Set<string>();
      const walker = document.createTreeWalker(document.querySelector(where) ?? document.body, NodeFilter.SHOW_TEXT);
      for (let node = walker.nextNode(); node; node = walker.nextNode()) {
        const words = node.textContent?.trim() ?? '';
        const parent = node.parentElement;
        if (words === '' || !parent || parent.closest('.nw-unseen, .paper, script, style, title, desc, option'))
          continue;
        const range = document.createRange();
        range.selectNodeContents(node);
        const box = range.getBoundingClientRect();
        if (box.width < 1 || box.height < 1 || !parent.checkVisibility({ visibilityProperty: true })) continue;
        // what is drawn in a picture is as large as the picture makes it
        const svg = parent.closest('svg');
        const matrix = svg && parent instanceof SVGGraphicsElement ? parent.getScreenCTM() : null;
        const scale = matrix ? Math.hypot(matrix.c, matrix.d) : 1;
        const size = parseFloat(getComputedStyle(parent).fontSize) * scale;
        if (size < px - 0.05) found.add(`${size.toFixed(1)} px: ${words.slice(0, 40)}`);
      }
      return [...found];
    },
    [least.text, within] as const,
  );

/** What can be pressed and is smaller than `least.target` either way; a link inside a sentence is as high as its line. */
export const smallTargets = (page: Page, within = 'body'): Promise<string[]> =>
  page.evaluate(
    ([px, where]) => {
      const found = new Set<string>();
      const pressed =
        'a[href], button, input, select, textarea, summary, [tabindex="0"], [role=button], [role=option], [role=tab]';
      for (const element of document.querySelector(where)?.querySelectorAll(pressed) ?? []) {
        if (element.matches(':disabled, .nw-unseen, [aria-hidden=true], .cdk-focus-trap-anchor')) continue;
        if (!element.checkVisibility({ visibilityProperty: true, opacityProperty: false })) continue;
        const style = getComputedStyle(element);
        const inSentence =
          element.matches('a') &&
          style.display === 'inline' &&
          [...(element.parentElement?.childNodes ?? [])].some(
            (n) => n !== element && n.nodeType === 3 && n.textContent?.trim(),
          );
        if (inSentence) continue;
        // a region that only scrolls is not pressed
        if (element.matches('[tabindex="0"]') && element.matches('[role=region], main, section, aside')) continue;
        // a stitch on the thread has its row in the order below, which is large
        if (element.closest('svg')) continue;
        const label = element.closest('label, .mat-mdc-text-field-wrapper');
        const touch = element.querySelector(':scope > .mat-mdc-button-touch-target');
        const boxes = [element, label, touch].flatMap((one) => (one ? [one.getBoundingClientRect()] : []));
        const width = Math.max(...boxes.map((box) => box.width));
        const height = Math.max(...boxes.map((box) => box.height));
        if (width < 1 || height < 1) continue;
        if (Math.min(width, height) < px - 0.5) {
          const name = element.getAttribute('aria-label') ?? element.textContent?.trim() ?? '';
          const where = element.closest('[class]')?.getAttribute('class') ?? '';
          const size = `${Math.round(width)} x ${Math.round(height)}`;
          found.add(`${size}: ${element.tagName.toLowerCase()} “${name.slice(0, 30)}” .${where.slice(0, 40)}`);
        }
      }
      return [...found];
    },
    [least.target, within] as const,
  );

/** Texts that lie over each other, or leave the page or the box they stand in: pairs of words. */
export const unreadable = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    interface Line {
      readonly words: string;
      readonly of: Element;
      readonly box: DOMRect;
      /** In something that stays where it is while the rest scrolls under it. */
      readonly stays: boolean;
    }
    interface Place {
      readonly edge: DOMRect;
      readonly overflow: readonly [x: string, y: string];
      readonly clamped: boolean;
      readonly scrolls: boolean;
      readonly stays: boolean;
    }
    // each place is measured once, however many lines stand in it
    const places = new Map<Element, Place>();
    const placeOf = (of: Element): Place => {
      const known = places.get(of);
      if (known) return known;
      const style = getComputedStyle(of);
      const overflow = [style.overflowX, style.overflowY] as const;
      const place = {
        edge: of.getBoundingClientRect(),
        overflow,
        clamped: style.webkitLineClamp !== 'none' || style.textOverflow === 'ellipsis',
        scrolls: overflow.some((way) => /auto|scroll/.test(way)),
        stays: /sticky|fixed/.test(style.position) || (of.parentElement !== null && placeOf(of.parentElement).stays),
      };
      places.set(of, place);
      return place;
    };
    const lines: Line[] = [];
    const found = new Set<string>();
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const words = node.textContent?.trim() ?? '';
      const of = node.parentElement;
      if (words === '' || !of || of.closest('.nw-unseen, script, style, title, desc, option, .cdk-overlay-container'))
        continue;
      if (!of.checkVisibility({ visibilityProperty: true, opacityProperty: true })) continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      const size = parseFloat(getComputedStyle(of).fontSize);
      for (const whole of range.getClientRects()) {
        if (whole.width < 1 || whole.height < 1) continue;
        // letters, not the air over and under them
        const height = Math.min(whole.height, size * 0.7);
        const box = new DOMRect(whole.x, whole.y + (whole.height - height) / 2, whole.width, height);
        // what is scrolled away is in nobody's way, what is cut off for good is
        let shown = true;
        for (let up: Element | null = of; up; up = up.parentElement) {
          const { edge, overflow, clamped, scrolls } = placeOf(up);
          // each way by itself: what scrolls sideways hides nothing for good
          const out = [
            box.right > edge.right + 1 || box.left < edge.left - 1,
            box.bottom > edge.bottom + 1 || box.top < edge.top - 1,
          ];
          for (const [i, flow] of overflow.entries()) {
            if (!out[i] || flow === 'visible') continue;
            shown = false;
            if (/hidden|clip/.test(flow) && !scrolls && !clamped) found.add(`cut off: ${words.slice(0, 40)}`);
          }
        }
        if (shown) lines.push({ words: words.slice(0, 40), of, box, stays: placeOf(of).stays });
      }
    }
    // from the top down, so that each line meets only those that begin before it ends
    lines.sort((a, b) => a.box.top - b.box.top);
    for (const [i, a] of lines.entries())
      for (let k = i + 1; k < lines.length; k++) {
        const b = lines[k];
        if (!b || b.box.top >= a.box.bottom - 2) break;
        const wide = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
        const high = Math.min(a.box.bottom, b.box.bottom) - b.box.top;
        if (wide > 2 && high > 2 && a.stays === b.stays && a.of !== b.of) found.add(`${a.words} | ${b.words}`);
      }
    return [...found];
  });
