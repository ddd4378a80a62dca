// A script of its own, the smallest and the first: the page has its colours before anything is drawn, and the boat is asked for while the page's own scripts are still on their way.
import { patient } from './api/patient';
import { drawnScheme } from './look/scheme';
import { storedSystem } from './units/storedSystem';

interface Early {
    path: string;
    answer: Promise<Response>;
}

document.documentElement.dataset.mantineColorScheme = drawnScheme();

const shared = globalThis as { dinghyEarly?: Early };
const job = /^\/jobs\/(\d+)\//.exec(globalThis.location.pathname)?.[1];
if (job !== undefined) {
    const path = `jobs/${job}?units=${storedSystem()}`;
    const answer = patient(path);
    answer.catch(() => undefined); // whoever takes it hears of it
    shared.dinghyEarly = { path, answer };
}
