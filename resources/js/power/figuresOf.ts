import type { PlannedJob } from '../api/types';
import { devicesBehind, run as runOf } from '../boat/planParts';
import { partName } from '../boat/parts';
import { amps, gauge, length, percent, type System, volts } from '../units/units';

export interface AskedFigure {
    /** as the core names it: "run:bow-motor:drop_pct" */
    figure: string;
    label: string;
    /** as people read it; null: it is not known, or its reason says it */
    value: string | null;
}

/** What was computed of a part, with what can be asked of it. */
export function figuresOf(job: PlannedJob, on: string, system: System): AskedFigure[] {
    const [kind = '', id = ''] = on.split(':');
    return kind === 'feed' || kind === 'branch' ? ofRun(job, id, system) : kind === 'device' ? ofDevice(job, id) : kind === 'bank' ? ofBank(job, id) : kind === 'battery' ? ofBattery(job, id) : [];
}

/** What can be asked about at all: the part in hand first, then the devices behind it, the banks, readings and findings. */
export function askedFigures(job: PlannedJob, on: string, run: string, asked: string, system: System) {
    const label = runOf(job, run)?.label ?? run;
    const named = (part: string, figures: AskedFigure[]) => figures.map(({ figure, label: what }) => ({ figure, label: `${what}: ${part}` }));
    const figures = [
        ...named(partName(job, on), figuresOf(job, on, system)),
        ...named(label, ofRun(job, run, system)),
        ...(runOf(job, run)?.alternatives ?? []).map((rung) => ({ figure: `rung:${run}:${rung.gauge}`, label: `${gauge(rung.gauge)} in ${label}` })),
        ...devicesBehind(job.plan, run).flatMap((device) => named(partName(job, `device:${device}`), ofDevice(job, device))),
        ...job.evaluation.banks.flatMap((bank) => named(partName(job, `bank:${bank.id}`), ofBank(job, bank.id))),
        ...job.evaluation.meter_points.map((point) => ({ figure: `meter:${point.id}`, label: `Reading ${point.label}` })),
        ...job.evaluation.findings.map((found) => ({ figure: `finding:${found.rule}:${found.on}`, label: `Finding ${found.rule} on ${partName(job, found.on)}` })),
    ];
    const once = figures.filter((one, at) => figures.findIndex((other) => other.figure === one.figure) === at);
    return once.some((choice) => choice.figure === asked) ? once : [{ figure: asked, label: 'The figure asked about' }, ...once];
}

function ofRun(job: PlannedJob, id: string, system: System): AskedFigure[] {
    const run = runOf(job, id);
    return run === undefined
        ? []
        : [
              { figure: `run:${id}:drop_pct`, label: 'Drop', value: run.drop_pct === null ? null : percent(run.drop_pct) },
              { figure: `run:${id}:current_a`, label: 'Current', value: amps(run.current_a) },
              { figure: `run:${id}:ampacity_a`, label: 'Carries', value: amps(run.ampacity_a) },
              { figure: `run:${id}:gauge`, label: run.gauge_chosen ? 'Gauge, chosen' : 'Gauge', value: gauge(run.gauge) },
              { figure: `run:${id}:length_m`, label: 'Length', value: run.length_m === null ? null : length(run.length_m, system) },
              { figure: `run:${id}:protection_a`, label: run.protection_chosen ? 'Fuse, chosen' : 'Fuse', value: run.protection_a === null ? null : amps(run.protection_a) },
              { figure: `run:${id}:far_short_a`, label: 'Short at its end', value: run.far_short_a === null ? null : amps(run.far_short_a) },
          ];
}

function ofDevice(job: PlannedJob, id: string): AskedFigure[] {
    const figures = job.evaluation.devices.find((device) => device.id === id);
    return [
        { figure: `device:${id}:volts_loaded`, label: 'Everything on', value: figures?.volts_loaded == null ? null : volts(figures.volts_loaded) },
        { figure: `device:${id}:volts_lowest`, label: 'Lowest', value: figures?.volts_lowest == null ? null : volts(figures.volts_lowest) },
        { figure: `device:${id}:path_drop_pct`, label: 'Whole path', value: figures?.path_drop_pct == null ? null : percent(figures.path_drop_pct) },
    ];
}

function ofBank(job: PlannedJob, id: string): AskedFigure[] {
    const figures = job.evaluation.banks.find((bank) => bank.id === id);
    return [
        { figure: `bank:${id}:rested_v`, label: 'At rest', value: figures?.rested_v == null ? null : volts(figures.rested_v) },
        { figure: `bank:${id}:short_circuit_a`, label: 'Short across it', value: figures?.short_circuit_a == null ? null : amps(figures.short_circuit_a) },
        { figure: `bank:${id}:fits`, label: 'Room', value: null },
    ];
}

function ofBattery(job: PlannedJob, id: string): AskedFigure[] {
    const points = job.evaluation.meter_points.filter((point) => point.plus === `${id}+`);
    return points.filter((point, at) => points.findIndex((other) => other.minus === point.minus) === at).map((point) => ({ figure: `meter:${point.id}`, label: point.minus === `${id}-` ? 'Across it' : 'From common −', value: volts(point.expect_v, 2) }));
}
