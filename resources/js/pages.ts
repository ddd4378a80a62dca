import { AREAS } from './areas';
import { pinching } from './drawings/ZoomPane';
import { dialogWindow } from './look/Dialog';
import { sending } from './photographs/PhotographQueue';
import { paletteWindow } from './palette/Palette';

/** The pages that are no stage, each a script of its own. */
export const PAGES = {
    Catalogue: async () => ({ default: (await import('./catalogue/Catalogue')).Catalogue }),
    HouseRules: async () => ({ default: (await import('./house-rules/HouseRules')).HouseRules }),
    Owner: async () => ({ default: (await import('./owner/Owner')).Owner }),
    People: async () => ({ default: (await import('./people/People')).People }),
    SetPassword: async () => ({ default: (await import('./sign-in/SetPassword')).SetPassword }),
    Settings: async () => ({ default: (await import('./settings/Settings')).Settings }),
    Stock: async () => ({ default: (await import('./stock/Stock')).Stock }),
    Shed: async () => ({ default: (await import('./shed/Shed')).Shed }),
    SignIn: async () => ({ default: (await import('./sign-in/SignIn')).SignIn }),
};

/** Fetches what no first page waited for, so that none of it is missing when the network is. */
export async function fetchAll(): Promise<void> {
    await Promise.allSettled([...AREAS.flatMap((area) => [area.load(), area.ahead?.()]), ...Object.values(PAGES).map((page) => page()), dialogWindow(), paletteWindow(), pinching(), sending()]);
}
