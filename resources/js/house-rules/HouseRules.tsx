import { Box, Button, List, Text } from '@mantine/core';
import { useDocumentTitle } from '@mantine/hooks';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';

import { ask, Refused } from '../api/client';
import { houseRules } from '../api/queries';
import type { HouseRule, HouseRules as Answer, RulesTried } from '../api/types';
import { Page } from '../look/Page';
import { together } from '../units/together';
import { useUnits } from '../units/units';
import { ToSignIn } from '../sign-in/ToSignIn';
import classes from './HouseRules.module.css';
import { RuleField } from './RuleField';
import { type RuleValue, told } from './ruleWords';

/** What the shop judges every boat by. A rule is tried on the boats that are in before it is kept. */
export function HouseRules() {
    useDocumentTitle('House rules · Dinghy');
    const queries = useQueryClient();
    const { system } = useUnits();
    const rules = useQuery(houseRules);
    const [set, setSet] = useState<Record<string, RuleValue>>({});
    const changed = Object.keys(set).length > 0;
    const tried = useQuery({
        queryKey: [...houseRules.queryKey, 'tried', rules.data?.version, set, system],
        queryFn: () => ask<RulesTried>('house-rules/try', { method: 'POST', body: { units: system, set } }),
        enabled: changed,
        placeholderData: keepPreviousData,
        retry: false,
    });
    const keep = useMutation({
        mutationFn: () => ask<Answer>('house-rules', { method: 'PUT', body: { version: rules.data?.version, units: system, set } }),
        onSuccess: (kept) => {
            queries.setQueryData(houseRules.queryKey, kept);
            setSet({});
        },
        onError: () => void queries.invalidateQueries({ queryKey: houseRules.queryKey, exact: true }),
    });
    if (rules.error instanceof Refused) {
        return <ToSignIn />;
    }
    const choose = (rule: HouseRule, value: RuleValue) => {
        keep.reset();
        setSet((before) => {
            const others = Object.fromEntries(Object.entries(before).filter(([field]) => field !== rule.field));
            const asKept = JSON.stringify(value ?? rule.default) === JSON.stringify(rule.value);
            return asKept ? others : { ...others, [rule.field]: value };
        });
    };
    const alone = (rule: HouseRule) => tried.data?.rules.find((one) => one.field === rule.field)?.boats;
    return (
        <Page
            title="House rules"
            acts={
                rules.data?.can_change === true && (
                    <>
                        <Button size="sm" disabled={!changed || tried.error !== null} loading={keep.isPending} onClick={() => keep.mutate()}>
                            Keep these rules
                        </Button>
                        <Button size="sm" variant="outline" disabled={!changed} onClick={() => setSet({})}>
                            Leave them as they were
                        </Button>
                    </>
                )
            }
        >
            {rules.data === undefined && <p>{rules.error === null ? 'Fetching the house rules…' : 'The server does not answer.'}</p>}
            <Box component="section" pos="sticky" top={0} py={10} mah="40vh" fz={14} bg="var(--paper)" style={{ zIndex: 1, overflowY: 'auto', borderBottom: '1px solid var(--hair)' }} aria-label="Boats that would change" aria-live="polite" data-changed={changed || undefined}>
                {(tried.error ?? keep.error) !== null && changed ? (
                    <p role="alert">{(tried.error ?? keep.error)?.message}</p>
                ) : changed && tried.data !== undefined ? (
                    <>
                        <Text fz={18} fw={600} data-figure="boats-that-change">
                            {tried.data.boats.length === 0 ? 'No boat that is in would change.' : `${tried.data.boats.length} ${tried.data.boats.length === 1 ? 'boat' : 'boats'} would change.`}
                        </Text>
                        {tried.data.boats.map((boat) => (
                            <details key={boat.job}>
                                <summary>
                                    {boat.boat}: {boat.changes.length} {boat.changes.length === 1 ? 'change' : 'changes'}
                                </summary>
                                <List size="sm">
                                    {boat.changes.map((change) => (
                                        <List.Item key={change}>{change}</List.Item>
                                    ))}
                                </List>
                            </details>
                        ))}
                    </>
                ) : (
                    <p className="quiet">
                        Change a rule to see which boats it would change.
                        {rules.data !== undefined && rules.data.own.length > 0 && ` ${rules.data.own.map((boat) => boat.boat).join(', ')} ${rules.data.own.length === 1 ? 'brings' : 'bring'} rules of ${rules.data.own.length === 1 ? 'its' : 'their'} own in the plan; those win.`}
                    </p>
                )}
            </Box>
            <dl>
                {rules.data?.rules.map((rule) => (
                    <div key={rule.field} className={classes.rule} data-changed={rule.field in set || undefined}>
                        <dt className="name">{rule.label}</dt>
                        <dd>
                            <RuleField rule={rule} drafted={set[rule.field]} readOnly={!rules.data.can_change} onChoose={(value) => choose(rule, value)} />
                            <span className="quiet">
                                default {rule.field === 'stock_gauges' ? `${(rule.default as string[]).length} gauges` : told(rule, rule.default, system)}
                                {rule.field in set && alone(rule) !== undefined && ` · alone it changes ${alone(rule)} ${alone(rule) === 1 ? 'boat' : 'boats'}`}
                            </span>
                        </dd>
                        <dd>{together(rule.reason)}</dd>
                    </div>
                ))}
            </dl>
        </Page>
    );
}
