export { ComparePane } from './ComparePane';
export { InstrumentsPane } from './InstrumentsPane';
export { PinsPane } from './PinsPane';
