import '@mantine/core/styles.css';
import '@fontsource/barlow/400.css';
import '@fontsource/barlow/600.css';
import '@fontsource/barlow-condensed/600.css';
import '@fontsource/ibm-plex-mono/400.css';
import '@fontsource/ibm-plex-mono/600.css';
import './look/paper.css';

import { MantineProvider } from '@mantine/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router-dom';

import { Refused } from './api/client';
import { AREAS } from './areas';
import { AreasContext } from './frame/areas';
import { Mishap } from './frame/Mishap';
import { NotFound } from './frame/NotFound';
import { theme } from './look/theme';
import { Palette } from './palette/Palette';
import { askBeforeLosingDrafts } from './plan/drafts';
import { ConventionsProvider } from './settings/ConventionsProvider';
import { Shed } from './shed/Shed';
import { SignIn } from './sign-in/SignIn';
import { PhotographQueue } from './photographs/PhotographQueue';
import { UnitsProvider } from './units/UnitsProvider';

const queries = new QueryClient({
    defaultOptions: {
        // A refusal is an answer: asking again would only ask the same.
        // Whether the network is there is for the server's silence to say, not for the browser to guess.
        mutations: { networkMode: 'always' },
        queries: { networkMode: 'always', retry: (failures, error) => !(error instanceof Refused) && failures < 2, refetchOnWindowFocus: true },
    },
});

// Each stage is a script of its own; all are fetched once the first is shown, so that none is missing when the network is.
const pages = {
    Catalogue: async () => ({ default: (await import('./catalogue/Catalogue')).Catalogue }),
    People: async () => ({ default: (await import('./people/People')).People }),
    SetPassword: async () => ({ default: (await import('./sign-in/SetPassword')).SetPassword }),
    Settings: async () => ({ default: (await import('./settings/Settings')).Settings }),
    HouseRules: async () => ({ default: (await import('./house-rules/HouseRules')).HouseRules }),
};
const stages = AREAS.map((area) => ({ stage: area.stage, Stage: lazy(area.load) }));
const Catalogue = lazy(pages.Catalogue);
const HouseRules = lazy(pages.HouseRules);
const People = lazy(pages.People);
const Settings = lazy(pages.Settings);
const SetPassword = lazy(pages.SetPassword);
window.addEventListener('load', () => void Promise.allSettled([...AREAS.map((area) => area.load()), ...Object.values(pages).map((page) => page()), import('./palette/PaletteWindow')]));
askBeforeLosingDrafts();

const root = document.getElementById('app');
if (root === null) {
    throw new Error('The page has no place for the application.');
}

createRoot(root).render(
    <StrictMode>
        <MantineProvider theme={theme} forceColorScheme="light">
            <QueryClientProvider client={queries}>
                <UnitsProvider>
                    <ConventionsProvider>
                    <PhotographQueue>
                        <BrowserRouter>
                            <Mishap>
                                <AreasContext value={AREAS}>
                                    <Palette>
                                    <Suspense fallback={null}>
                                        <Routes>
                                            <Route path="/" element={<Shed />} />
                                            <Route path="/catalogue" element={<Catalogue />} />
                                            <Route path="/house-rules" element={<HouseRules />} />
                                            <Route path="/people" element={<People />} />
                                            <Route path="/settings" element={<Settings />} />
                                            <Route path="/set-password" element={<SetPassword />} />
                                            <Route path="/sign-in" element={<SignIn />} />
                                            {stages.map(({ stage, Stage }) => (
                                                <Route key={stage} path={`/jobs/:job/${stage}`} element={<Stage />} />
                                            ))}
                                            <Route path="*" element={<NotFound />} />
                                        </Routes>
                                    </Suspense>
                                    </Palette>
                                </AreasContext>
                            </Mishap>
                        </BrowserRouter>
                    </PhotographQueue>
                    </ConventionsProvider>
                </UnitsProvider>
            </QueryClientProvider>
        </MantineProvider>
    </StrictMode>,
);
