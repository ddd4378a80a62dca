import { describe, expect, it } from 'vitest';

import type { HouseRule, Survey } from '../../resources/js/api/types';
import { choiceWords, told } from '../../resources/js/house-rules/ruleWords';
import { stationName } from '../../resources/js/boat/stationName';
import { askedFigures } from '../../resources/js/power/figuresOf';
import { subjectsOf } from '../../resources/js/survey/subjectsOf';
import { skiffJob } from './job';

const rule = (unit: string) => ({ unit }) as HouseRule;

describe('words of the page', () => {
    it('says house rules with their units', () => {
        expect(told(rule('m'), 0.3, 'metric')).toBe('0.3 m');
        expect(told(rule('m'), 0.3048, 'imperial')).toBe('1 ft');
        expect(told(rule('share'), 0.125, 'metric')).toBe('12.5 %');
        expect(told(rule('%'), 3, 'metric')).toBe('3 %');
        expect(told(rule(''), ['16 mm2', '6 AWG'], 'metric')).toBe('16 mm², 6 AWG');
        expect(told(rule(''), 'crimp-shrink', 'metric')).toBe('crimped, adhesive shrink');
        expect(choiceWords('2.5 mm2')).toBe('2.5 mm²');
    });

    it('calls a station by its name', () => {
        const job = skiffJob();
        expect(stationName(job, 'stern')).toBe('Stern box');
        expect(stationName(job, null)).toBe('–');
        expect(stationName(job, 'gone')).toBe('–');
    });

    it('lists what a photograph can be of, and always something else', () => {
        expect(subjectsOf({ needed: [{ of: 'station:stern', label: 'Stern box', taken: 0 }] } as unknown as Survey)).toEqual([['station:stern', 'Stern box'], ['other', 'something else']]);
    });

    it('has the figure that was asked about among what can be asked', () => {
        const job = skiffJob();
        const asked = (figure: string) => askedFigures(job, 'feed:house', 'house', figure, 'metric');
        expect(asked('run:house:gauge')[0]).toEqual({ figure: 'run:house:drop_pct', label: 'Drop: Run house' });
        expect(asked('run:house:gauge').filter((one) => one.figure.startsWith('device:'))).toHaveLength(12);
        expect(asked('bank:gone:rested_v')[0]).toEqual({ figure: 'bank:gone:rested_v', label: 'The figure asked about' });
        const figures = asked('run:house:gauge').map((one) => one.figure);
        expect(new Set(figures).size).toBe(figures.length);
    });
});
