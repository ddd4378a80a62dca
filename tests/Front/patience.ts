import { configure } from '@testing-library/react';

// What comes later is waited for as long as a test may take; a machine that is busy comes to it late.
configure({ asyncUtilTimeout: 50_000 });
