import { ask, NotReached, Refused } from '../api/client';
import type { Clash, Job, PlannedJob } from '../api/types';
import { type BrowserStore, KeptInBrowser } from '../api/keptInBrowser';
import { newId } from '../api/newId';
import { Rest } from '../api/rest';
import { asked, type Change, type Edit } from './changes';

/** A change on its way to the server, as it is kept in the browser until its answer has come. */
export interface Waiting {
    id: string;
    change: Change;
    /** the version that the person saw */
    base: number;
    /** versions since then that the page made itself, as it was first sent: sent again, it says the same to the letter */
    own?: number[];
    units: string;
    /** who made it: nobody else sends it */
    by: number;
}

/** A change that the server does not hold: why, and what can be sent in its place. */
export interface Unkept {
    id: string;
    message: string;
    clash: Clash | null;
    change: Change;
}

/** Where a change is: with the server, nobody knows, or waiting for its person. */
export type Line = 'clear' | 'sending' | 'silent' | 'signed-out';

export interface Snapshot {
    line: Line;
    /** changes that the server has not answered */
    waiting: number;
    unkept: Unkept[];
    /** why the server has not answered, in its own words or the browser's */
    silence: string | null;
    /** the last change that was kept */
    done: { id: string; change: Change } | null;
}

interface Entry {
    /** null: its turn has not come */
    waiting: Waiting | null;
    edit: Edit | null;
    /** the version that the person saw */
    seen: number;
    done: (kept: boolean) => void;
}

/** What the queue stands on: the page's own, or a test's. */
export interface Ground {
    /** the boat as it is known now */
    job: () => Job | undefined;
    accept: (job: Job) => void;
    /** somebody else changed the same: the boat is to be read again */
    outdated: () => void;
    system: () => string;
    /** the stage that is looked at */
    stage: () => string;
    store: BrowserStore;
    ask: typeof ask;
}

/** ms until a silent server is asked again, at first and for good */
const AGAIN = [500, 1_000, 2_000, 4_000];

/** What the server answers when the session, or the token that goes with it, is over; and when it asks for patience. */
const SIGNED_OUT = [401, 419];
const TOO_MANY = 429;

/** versions of its own that a page remembers */
const OWN = 100;

/**
 * Changes of one boat in the order they were made, each sent under an id of its own until its answer has come. What was not
 * answered is asked again under the same id: it is never made twice, never overtaken, and kept in the browser meanwhile.
 */
export class EditQueue {
    private entries: Entry[] = [];
    private own: number[] = [];
    private line: Line = 'clear';
    private silence: string | null = null;
    private unkept: Unkept[] = [];
    private running = false;
    private readonly rest = new Rest();
    private readonly kept: KeptInBrowser<Waiting[]>;
    private heard = new Set<() => void>();
    private done: Snapshot['done'] = null;
    private told: Snapshot = { line: 'clear', waiting: 0, unkept: [], silence: null, done: null };

    constructor(
        private readonly id: string,
        private readonly ground: Ground,
    ) {
        this.kept = new KeptInBrowser(ground.store, `dinghy-changes-${id}-`, newId());
        this.entries = this.kept.takeOver().flat().map((waiting) => ({ waiting, edit: null, seen: waiting.base, done: () => undefined }));
        this.store();
        this.tell();
    }

    readonly snapshot = (): Snapshot => this.told;

    readonly subscribe = (heard: () => void): (() => void) => {
        this.heard.add(heard);
        return () => this.heard.delete(heard);
    };

    /** True once the server holds it, false where it was refused; until either is known, neither. */
    submit(edit: Edit): Promise<boolean> {
        return new Promise((done) => {
            this.entries.push({ waiting: null, edit, seen: this.ground.job()?.version?.number ?? 0, done });
            if (this.line === 'silent' || this.line === 'signed-out') {
                this.settleAll(); // from what the person sees: it may be long until its turn comes
            }
            this.tell();
            void this.run();
        });
    }

    /** Sends on at once what waits for the line or for its person. */
    readonly sendOn = (): void => {
        this.rest.end();
        void this.run();
    };

    /** What was refused, once more over what others made of it meanwhile. */
    readonly over = (id: string): void => {
        const unkept = this.unkept.find((one) => one.id === id);
        if (unkept !== undefined) {
            this.letGo(id);
            void this.submit(() => unkept.change);
        }
    };

    readonly letGo = (id: string): void => {
        this.unkept = this.unkept.filter((one) => one.id !== id);
        this.tell();
    };

    /** Makes of every edit whose turn has not come the change that it is now, so that it can be kept in the browser. */
    readonly settleAll = (): void => {
        if (this.ground.job()?.plan == null) {
            return; // nothing can be made of them without the boat
        }
        this.entries = this.entries.filter((entry) => entry.waiting !== null || this.settled(entry));
        this.store();
    };

    private async run(): Promise<void> {
        if (this.running) {
            return;
        }
        this.running = true;
        let silences = 0;
        for (let entry = this.next(); entry !== undefined; entry = this.next()) {
            const waiting = entry.waiting as Waiting;
            if (silences === 0) {
                this.say('sending', null);
            }
            const answer = await this.send(waiting);
            if (answer instanceof Refused && SIGNED_OUT.includes(answer.status)) {
                this.say('signed-out', null);
                await this.rest.of(null);
            } else if (answer instanceof Error && !(answer instanceof Refused && answer.status !== TOO_MANY)) {
                this.say('silent', answer.message);
                await this.rest.of(AGAIN[Math.min(silences, AGAIN.length - 1)] as number);
                silences++;
            } else {
                silences = 0;
                this.entries.shift();
                this.store();
                this.answered(waiting, answer);
                entry.done(!(answer instanceof Refused));
            }
        }
        this.running = false;
        this.say('clear', null);
    }

    /** The first of them, made a change; undefined: none can go now. */
    private next(): Entry | undefined {
        const job = this.ground.job();
        if (job?.plan == null) {
            return undefined;
        }
        while (this.entries[0] !== undefined && this.entries[0].waiting === null && !this.settled(this.entries[0])) {
            this.entries.shift();
        }
        const first = this.entries[0];
        // Another person's changes wait until they sign in again.
        if (first === undefined || first.waiting?.by !== job.you.id) {
            return undefined;
        }
        first.waiting.own ??= this.own.filter((number) => number > (first.waiting?.base ?? 0));
        this.store();
        return first;
    }

    /** Whether there is a change to make; where there is none, nothing is to be kept. */
    private settled(entry: Entry): boolean {
        const job = this.ground.job();
        let change: Change | null = null;
        try {
            change = job?.plan != null && entry.edit !== null ? entry.edit(job as PlannedJob) : null;
        } catch (error) {
            console.error(error);
            entry.done(false); // a fault of the page must not hold up what comes after
            return false;
        }
        if (job === undefined || change === null) {
            entry.done(true);
            return false;
        }
        entry.waiting = { id: newId(), change, base: entry.seen, units: this.ground.system(), by: job.you.id };
        return true;
    }

    private async send({ id, change, base, own, units }: Waiting): Promise<Job | Error> {
        const { path, ...request } = asked(this.id, change, base, own ?? [], units, this.ground.stage());
        try {
            return await this.ground.ask<Job>(path, { ...request, change: id });
        } catch (error) {
            return error instanceof Refused ? error : error instanceof NotReached ? error : new NotReached(String(error));
        }
    }

    private answered({ id, change }: Waiting, answer: Job | Refused): void {
        if (answer instanceof Refused) {
            this.unkept = [...this.unkept, { id, change, message: answer.message, clash: answer.clash }];
            if (answer.status === 409) {
                this.ground.outdated();
            }
        } else {
            if (answer.version !== null) {
                this.own = [...this.own, answer.version.number].slice(-OWN);
            }
            this.ground.accept(answer);
            this.done = { id, change };
        }
        this.tell();
    }

    private say(line: Line, silence: string | null): void {
        this.line = line;
        this.silence = silence;
        if (line === 'silent' || line === 'signed-out') {
            this.settleAll();
        }
        this.tell();
    }

    private tell(): void {
        this.told = { line: this.line, waiting: this.entries.length, unkept: this.unkept, silence: this.silence, done: this.done };
        this.heard.forEach((heard) => heard());
    }

    private store(): void {
        const waiting = this.entries.flatMap((entry) => (entry.waiting === null ? [] : [entry.waiting]));
        this.kept.keep(waiting.length === 0 ? null : waiting);
    }
}
