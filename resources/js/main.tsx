import './look/mantine';
import '@fontsource/barlow/400.css';
import '@fontsource/barlow/600.css';
import '@fontsource/barlow-condensed/600.css';
import '@fontsource/ibm-plex-mono/400.css';
import '@fontsource/ibm-plex-mono/600.css';
import 'virtual:first-faces.css';
import './look/paper.css';
import './look/cards.css';
import './look/print.css';

import { localStorageColorSchemeManager, MantineProvider } from '@mantine/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router-dom';

import { Refused } from './api/client';
import { AREAS } from './areas';
import { AreasContext } from './frame/areas';
import { Mishap } from './frame/Mishap';
import { NotFound } from './frame/NotFound';
import { FetchAhead } from './FetchAhead';
import { keepFocus } from './look/keepFocus';
import { SCHEME_KEY } from './look/scheme';
import { printOnPaper } from './look/printOnPaper';
import { tablesAsCards } from './look/tablesAsCards';
import { tellSigns } from './look/tellSigns';
import { theme } from './look/theme';
import { Palette } from './palette/Palette';
import { PAGES } from './pages';
import { askBeforeLosingDrafts } from './plan/drafts';
import { ConventionsProvider } from './settings/ConventionsProvider';
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

const stages = AREAS.map((area) => ({ stage: area.stage, Stage: lazy(area.load) }));
const Catalogue = lazy(PAGES.Catalogue);
const HouseRules = lazy(PAGES.HouseRules);
const Owner = lazy(PAGES.Owner);
const People = lazy(PAGES.People);
const SetPassword = lazy(PAGES.SetPassword);
const Settings = lazy(PAGES.Settings);
const Shed = lazy(PAGES.Shed);
const SignIn = lazy(PAGES.SignIn);
const Stock = lazy(PAGES.Stock);
const schemes = localStorageColorSchemeManager({ key: SCHEME_KEY });
askBeforeLosingDrafts();
printOnPaper();
keepFocus();
tablesAsCards();
tellSigns();

const root = document.getElementById('app');
if (root === null) {
    throw new Error('The page has no place for the application.');
}

createRoot(root).render(
    <StrictMode>
        <MantineProvider theme={theme} defaultColorScheme="auto" colorSchemeManager={schemes}>
            <QueryClientProvider client={queries}>
                <UnitsProvider>
                    <ConventionsProvider>
                    <PhotographQueue>
                        <BrowserRouter>
                            <Mishap>
                                <FetchAhead />
                                <AreasContext value={AREAS}>
                                    <Palette>
                                    <Suspense fallback={null}>
                                        <Routes>
                                            <Route path="/" element={<Shed />} />
                                            <Route path="/catalogue" element={<Catalogue />} />
                                            <Route path="/house-rules" element={<HouseRules />} />
                                            <Route path="/owner" element={<Owner />} />
                                            <Route path="/people" element={<People />} />
                                            <Route path="/settings" element={<Settings />} />
                                            <Route path="/stock" element={<Stock />} />
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
