import { configure } from '@testing-library/dom';

// Tests of views wait for what they wait for, however busy the machine is; the test's own limit ends one that waits for
// ever.
configure({ asyncUtilTimeout: 120_000 });
