import '@mantine/spotlight/styles.css';

import { createSpotlight, Spotlight } from '@mantine/spotlight';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';

import { type Findable, found } from './findable';
import classes from './Palette.module.css';
import { type Rule, RuleCard } from './RuleCard';
import { useEverywhere } from './useEverywhere';

const [store, spotlight] = createSpotlight();

/** More than so many are not worth reading: another word narrows them. */
const MOST = 12;

interface Props {
    /** how often it was asked for: each time it opens */
    asked: number;
    offered: { current: Findable[] };
}

/** What is sought and what is found of it. */
export function PaletteWindow({ asked, offered }: Props) {
    const [opened, setOpened] = useState(false);
    const [query, setQuery] = useState('');
    const [rule, setRule] = useState<Rule | null>(null);
    const list = useRef<HTMLDivElement>(null);
    useEffect(() => spotlight.open(), [asked]);
    return (
        <>
            <Spotlight.Root
                store={store}
                query={query}
                onQueryChange={(next) => {
                    setQuery(next);
                    store.updateState((state) => ({ ...state, selected: -1 })); // other things stand there now
                }}
                shortcut={null}
                transitionProps={{ duration: 0 }}
                onSpotlightOpen={() => setOpened(true)}
                onSpotlightClose={() => setOpened(false)}
                overlayProps={{ backgroundOpacity: 0.5, blur: 0 }}
                classNames={{ actionDescription: classes.kind }}
                attributes={{ content: { 'aria-label': 'Find' } }}
            >
                <Spotlight.Search
                    aria-label="Find a boat, person, part, run, finding, rule or command"
                    placeholder="boat, person, part, run, finding, rule or command"
                    onKeyDown={(event: KeyboardEvent) => {
                        const chosen = list.current?.querySelector<HTMLElement>('[data-selected]');
                        if (event.key === 'Enter' && (chosen === null || chosen === undefined)) {
                            // Enter without an arrow takes what stands first.
                            event.preventDefault();
                            list.current?.querySelector<HTMLElement>('[data-thing]')?.click();
                        }
                    }}
                />
                <Spotlight.ActionsList ref={list}>{opened && <Things key={query} offered={offered} query={query} onRule={setRule} />}</Spotlight.ActionsList>
            </Spotlight.Root>
            {rule !== null && <RuleCard rule={rule} onClose={() => setRule(null)} />}
        </>
    );
}

/** What is found; the shop is asked only while the palette is open. */
function Things({ offered, query, onRule }: { offered: { current: Findable[] }; query: string; onRule: (rule: Rule) => void }) {
    const everywhere = useEverywhere(onRule);
    const things = found([...offered.current, ...everywhere], query, MOST);
    return (
        <>
            {things.map((thing) => (
                <Spotlight.Action key={`${thing.kind} ${thing.label}`} data-thing onClick={thing.go} label={thing.label} description={thing.kind} />
            ))}
            {things.length === 0 && <Spotlight.Empty>Nothing of that name is known.</Spotlight.Empty>}
        </>
    );
}
