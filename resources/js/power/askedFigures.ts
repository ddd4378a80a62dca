import type { PlannedJob } from '../api/types';
import { deviceName, devicesBehind, run as runOf } from '../boat/planParts';

/** What can be asked about the selected run, the devices behind it and the banks, as the Why panel lists it. */
export function askedFigures(job: PlannedJob, run: string, asked: string) {
    const label = runOf(job, run)?.label ?? run;
    const figures = [
        { figure: `run:${run}:drop_pct`, label: `Drop of ${label}` },
        { figure: `run:${run}:gauge`, label: `Gauge of ${label}` },
        { figure: `run:${run}:length_m`, label: `Length of ${label}` },
        { figure: `run:${run}:current_a`, label: `Current of ${label}` },
        { figure: `run:${run}:ampacity_a`, label: `What it carries` },
        { figure: `run:${run}:protection_a`, label: `Fuse of ${label}` },
        { figure: `run:${run}:far_short_a`, label: `Short at its far end` },
        ...(runOf(job, run)?.alternatives ?? []).map((rung) => ({ figure: `rung:${run}:${rung.gauge}`, label: `${rung.gauge} in ${label}` })),
        ...devicesBehind(job.plan, run).flatMap((device) => [
            { figure: `device:${device}:volts_loaded`, label: `Volts at ${deviceName(job.plan, device)}, everything on` },
            { figure: `device:${device}:volts_lowest`, label: `Lowest volts at ${deviceName(job.plan, device)}` },
            { figure: `device:${device}:path_drop_pct`, label: `Whole path to ${deviceName(job.plan, device)}` },
        ]),
        ...job.evaluation.banks.flatMap((bank) => [
            { figure: `bank:${bank.id}:rested_v`, label: `Bank ${bank.id} at rest` },
            { figure: `bank:${bank.id}:short_circuit_a`, label: `Short across bank ${bank.id}` },
            { figure: `bank:${bank.id}:fits`, label: `Room of bank ${bank.id}` },
        ]),
        ...job.evaluation.meter_points.map((point) => ({ figure: `meter:${point.id}`, label: `Reading ${point.label}` })),
        ...job.evaluation.findings.map((found) => ({ figure: `finding:${found.rule}:${found.on}`, label: `Finding ${found.rule} on ${found.on.replace(':', ' ')}` })),
    ];
    return figures.some((choice) => choice.figure === asked) ? figures : [{ figure: asked, label: 'The figure asked about' }, ...figures];
}
