import type { Evaluation, Plan } from '../api/types';

/** What is computed of sonar and data; undefined: nothing of it is planned. */
export type DataSide = NonNullable<Evaluation['network']>;
export type Transducer = NonNullable<NonNullable<Plan['network']>['transducers']>[number];
export type TerminalBlock = NonNullable<NonNullable<Plan['network']>['terminal_blocks']>[number];
export type Backbone = NonNullable<NonNullable<Plan['network']>['backbones']>[number];

/** m of cable with its maker's extensions; null: its own was not measured */
export function cableThere({ cable_m: own, extensions = [] }: Transducer): number | null {
    return own === undefined ? null : extensions.reduce((sum, one) => sum + one.length_m, own);
}

/** How many plugs are meant for one socket; it takes one. */
export function plugsAt(plan: Plan, device: string, socket: string): number {
    return (plan.network?.transducers ?? []).filter(({ to }) => to?.device === device && to.socket === socket).length;
}

/** What lies between a transducer and its socket, as "adapter:a1" or "terminal-block:tb1". */
export function linkPart(plan: Plan, id: string): string {
    return plan.network?.terminal_blocks?.some((block) => block.id === id) ? `terminal-block:${id}` : `adapter:${id}`;
}
