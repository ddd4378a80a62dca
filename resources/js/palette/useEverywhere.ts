import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router-dom';

import * as queries from '../api/queries';
import type { Findable } from './findable';
import type { Rule } from './RuleCard';

const PAGES = [
    ['/', 'The shed'],
    ['/catalogue', 'Catalogue'],
    ['/stock', 'Stock'],
    ['/house-rules', 'House rules'],
    ['/settings', 'Settings'],
] as const;

/** What can be found wherever one is: boats, people, parts of the catalogue, rules, house rules, pages. */
export function useEverywhere(onRule: (rule: Rule) => void): Findable[] {
    const navigate = useNavigate();
    const to = (path: string) => () => void navigate(path);
    const person = useQuery({ ...queries.session, retry: false });
    const isSignedIn = person.data !== undefined;
    const shed = useQuery({ ...queries.shed, enabled: isSignedIn });
    const catalogue = useQuery({ ...queries.catalogue, enabled: isSignedIn });
    const houseRules = useQuery({ ...queries.houseRules, enabled: isSignedIn });
    const people = useQuery({ ...queries.people, enabled: person.data?.role === 'owner' });
    const rules = useQuery({ queryKey: ['rules'], queryFn: async () => (await import('../../../docs/schema/rules-1.json')).default as Rule[], staleTime: Infinity });
    return [
        ...PAGES.map(([path, label]) => ({ kind: 'page', label, go: to(path) })),
        ...(person.data?.role === 'owner' ? [{ kind: 'page', label: 'People', go: to('/people') }] : []),
        ...(shed.data?.jobs ?? []).map((job) => ({ kind: 'boat', label: job.boat.name, words: `${job.customer} ${job.title}`, go: to(job.stage === null ? '/' : `/jobs/${job.id}/${job.stage.name}`) })),
        ...(people.data?.people ?? []).map((one) => ({ kind: 'person', label: one.name, words: one.role, go: to('/people') })),
        ...(houseRules.data?.rules ?? []).map((rule) => ({ kind: 'house rule', label: rule.label, go: to('/house-rules') })),
        ...(catalogue.data?.parts ?? []).map((part) => ({ kind: 'part of the catalogue', label: part.name, go: to(`/catalogue?sought=${encodeURIComponent(part.name)}`) })),
        ...(rules.data ?? []).map((rule) => ({ kind: 'rule', label: `${rule.code}: ${rule.speaks_when}`, go: () => onRule(rule) })),
    ];
}
