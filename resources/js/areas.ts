import type { Area } from './frame/areas';
import { dayArea } from './day/area';
import { kitArea } from './kit/area';
import { layoutArea } from './layout/area';
import { meterArea } from './meter/area';
import { powerArea } from './power/area';
import { rigArea } from './rig/area';
import { sonarArea } from './sonar/area';
import { surveyArea } from './survey/area';

/** Every area of the page, in the order of work: the one list that names them. */
export const AREAS: readonly Area[] = [surveyArea, layoutArea, powerArea, sonarArea, dayArea, kitArea, rigArea, meterArea];
