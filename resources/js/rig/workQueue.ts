import { type ask, NotReached, Refused } from '../api/client';
import { type BrowserStore, KeptInBrowser } from '../api/keptInBrowser';
import { newId } from '../api/newId';
import { Rest } from '../api/rest';
import type { Work, WorkKept } from '../api/types';

/** Something done or said about a step, as it is kept on the phone until the server holds it. */
export interface Entry {
    id: string;
    step: string;
    act: Work['log'][number]['act'];
    /** by the phone's clock */
    at: string;
    /** whose hand the phone was in */
    by: number;
    tick?: boolean;
    /** of an undo: all that stands on the step too */
    following?: boolean;
    readings?: number[];
    reason?: string;
    words?: string;
    /** of goods that come in */
    serial?: string;
    version?: string;
    /** of the hand-over: the day of the second tightening */
    again_on?: string;
    what?: string;
    value?: string;
}

/** An entry that the server did not take, and why. */
export interface Untaken {
    entry: Entry;
    says: string;
}

export interface Snapshot {
    /** made here and not answered yet, in their order */
    waiting: Entry[];
    untaken: Untaken[];
    /** where entries are: with the server, nobody knows, or waiting for their person */
    line: 'clear' | 'sending' | 'silent' | 'signed-out';
    /** what was said of the last that was kept */
    told: string | null;
    /** when the last was kept */
    kept: Date | null;
}

/** What the queue stands on: the page's own, or a test's. */
export interface Ground {
    ask: typeof ask;
    accept: (answer: WorkKept) => void;
    store: BrowserStore;
    units: () => string;
}

/** ms until a silent server is asked again, at first and for good */
const AGAIN = [500, 1_000, 2_000, 4_000];
/** sent at once */
const MOST = 20;
const SIGNED_OUT = [401, 419];

/**
 * Entries of one boat in the order in which they were made, each under an id of its own: sent until they are answered, kept on
 * the phone meanwhile, and known again by the server where an answer was lost.
 */
export class WorkQueue {
    private waiting: Entry[];
    private untaken: Untaken[];
    private line: Snapshot['line'] = 'clear';
    private told: string | null = null;
    private kept: Date | null = null;
    private running = false;
    private readonly rest = new Rest();
    private readonly left: KeptInBrowser<Pick<Snapshot, 'waiting' | 'untaken'>>;
    private readonly heard = new Set<() => void>();
    private now: Snapshot;

    constructor(
        private readonly job: number,
        private readonly ground: Ground,
    ) {
        this.left = new KeptInBrowser(ground.store, `dinghy-work-${job}-`, newId());
        const left = this.left.takeOver();
        this.waiting = left.flatMap((one) => one.waiting);
        this.untaken = left.flatMap((one) => one.untaken);
        this.now = this.drawn();
        this.store();
    }

    readonly snapshot = (): Snapshot => this.now;

    readonly subscribe = (heard: () => void): (() => void) => {
        this.heard.add(heard);
        return () => this.heard.delete(heard);
    };

    /** @param entry with the moment, where it was made before */
    readonly submit = (entry: Omit<Entry, 'id' | 'at'> & { at?: string }): void => {
        this.waiting.push({ at: new Date().toISOString(), ...entry, id: newId() });
        this.told = null;
        this.tell();
        this.sendOn();
    };

    /** Sends on at once what waits. */
    readonly sendOn = (): void => {
        this.rest.end();
        void this.run();
    };

    readonly letGo = (id: string): void => {
        this.untaken = this.untaken.filter((one) => one.entry.id !== id);
        this.tell();
    };

    private async run(): Promise<void> {
        if (this.running) {
            return;
        }
        this.running = true;
        for (let silences = 0; this.waiting.length > 0; ) {
            const sent = this.waiting.slice(0, MOST);
            if (silences === 0) {
                this.say('sending');
            }
            try {
                const answer = await this.ground.ask<WorkKept>(`jobs/${this.job}/work/entries?units=${this.ground.units()}`, { method: 'POST', body: { entries: sent } });
                silences = 0;
                this.answered(sent, answer);
            } catch (error) {
                if (error instanceof Refused && SIGNED_OUT.includes(error.status)) {
                    this.say('signed-out');
                    await this.rest.of(null);
                } else if (error instanceof Refused && error.status !== 429) {
                    // Nothing of it can be taken: it stays on the phone, with the reason.
                    this.untaken = [...this.untaken, ...sent.map((entry) => ({ entry, says: error.message }))];
                    this.waiting = this.waiting.slice(sent.length);
                } else {
                    if (!(error instanceof NotReached) && !(error instanceof Refused)) {
                        console.error(error);
                    }
                    this.say('silent');
                    await this.rest.of(AGAIN[Math.min(silences, AGAIN.length - 1)] ?? null);
                    silences++;
                }
            }
        }
        this.running = false;
        this.say('clear');
    }

    private answered(sent: Entry[], answer: WorkKept): void {
        for (const { id, kept, says } of answer.outcomes) {
            const entry = sent.find((one) => one.id === id);
            if (entry !== undefined && !kept) {
                this.untaken = [...this.untaken, { entry, says: says ?? 'It was not taken.' }];
            }
            this.told = kept ? says : this.told;
            this.kept = kept ? new Date() : this.kept;
        }
        this.waiting = this.waiting.slice(sent.length);
        this.ground.accept(answer);
        this.tell();
    }

    private say(line: Snapshot['line']): void {
        this.line = line;
        this.tell();
    }

    private tell(): void {
        this.store();
        this.now = this.drawn();
        this.heard.forEach((heard) => heard());
    }

    private drawn(): Snapshot {
        return { waiting: [...this.waiting], untaken: this.untaken, line: this.line, told: this.told, kept: this.kept };
    }

    private store(): void {
        this.left.keep(this.waiting.length === 0 && this.untaken.length === 0 ? null : { waiting: this.waiting, untaken: this.untaken });
    }
}
