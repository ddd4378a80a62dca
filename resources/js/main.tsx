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
import { BrowserRouter, Navigate, Route, Routes } from 'react-router-dom';

import { Refused } from './api/client';
import { theme } from './look/theme';
import { Shed } from './shed/Shed';
import { SignIn } from './sign-in/SignIn';
import { PhotographQueue } from './survey/PhotographQueue';
import { UnitsProvider } from './units/UnitsProvider';

const queries = new QueryClient({
    defaultOptions: {
        // A refusal is an answer: asking again would only ask the same.
        queries: { retry: (failures, error) => !(error instanceof Refused) && failures < 2, refetchOnWindowFocus: true },
    },
});

// Each stage is fetched when it is first gone to.
const SurveyStage = lazy(async () => ({ default: (await import('./survey/SurveyStage')).SurveyStage }));
const LayoutStage = lazy(async () => ({ default: (await import('./layout/LayoutStage')).LayoutStage }));
const PowerStage = lazy(async () => ({ default: (await import('./power/PowerStage')).PowerStage }));
const Catalogue = lazy(async () => ({ default: (await import('./catalogue/Catalogue')).Catalogue }));
const HouseRules = lazy(async () => ({ default: (await import('./house-rules/HouseRules')).HouseRules }));

const root = document.getElementById('app');
if (root === null) {
    throw new Error('The page has no place for the application.');
}

createRoot(root).render(
    <StrictMode>
        <MantineProvider theme={theme} forceColorScheme="light">
            <QueryClientProvider client={queries}>
                <UnitsProvider>
                    <PhotographQueue>
                        <BrowserRouter>
                            <Suspense fallback={null}>
                                <Routes>
                                    <Route path="/" element={<Shed />} />
                                    <Route path="/catalogue" element={<Catalogue />} />
                                    <Route path="/house-rules" element={<HouseRules />} />
                                    <Route path="/sign-in" element={<SignIn />} />
                                    <Route path="/jobs/:job/survey" element={<SurveyStage />} />
                                    <Route path="/jobs/:job/layout" element={<LayoutStage />} />
                                    <Route path="/jobs/:job/power" element={<PowerStage />} />
                                    <Route path="*" element={<Navigate to="/" replace />} />
                                </Routes>
                            </Suspense>
                        </BrowserRouter>
                    </PhotographQueue>
                </UnitsProvider>
            </QueryClientProvider>
        </MantineProvider>
    </StrictMode>,
);
