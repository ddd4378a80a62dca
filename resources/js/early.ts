// A script of its own, the smallest and the first: the page has its colours before anything is drawn, and the boat and what its stage draws are asked for while the page's own scripts are still on their way.
import { askEarly } from './api/patient';
import { drawnScheme } from './look/scheme';
import { storedSystem } from './units/storedSystem';

document.documentElement.dataset.mantineColorScheme = drawnScheme();

const [, job, stage] = /^\/jobs\/(\d+)\/(\w+)/.exec(globalThis.location.pathname) ?? [];
if (job !== undefined && stage !== undefined) {
    askEarly(`jobs/${job}?units=${storedSystem()}`);
    askEarly(`jobs/${job}/stages/${stage}?units=${storedSystem()}`);
}
