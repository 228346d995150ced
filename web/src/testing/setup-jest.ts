import { setupZonelessTestEnv } from 'jest-preset-angular/setup-env/zoneless';

setupZonelessTestEnv();

// jsdom lays nothing out: there is nothing to scroll.
Element.prototype.scrollIntoView = () => undefined;
