<?php

declare(strict_types=1);

namespace Dinghy\Area\Kit\Rule;

use Dinghy\Conductor\Gauge;
use Dinghy\File\Patch;
use Dinghy\Joint\StepDown;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class LeadConnectorRange implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W06', [Level::Stop], 'an extension is joined to a factory lead with a connector whose range does not cover both gauges',
            'the thinner wire slips out, or the thicker loses strands', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->wiring->paths as $path) {
            $connector = $path->device->leadConnector;
            $lead = $path->device->leadGauge;
            $run = $solved->runs[$path->circuits[count($path->circuits) - 1]->id];
            if ($connector === null || $lead === null || ($connector->takes($lead) && $connector->takes($run->gauge))) {
                continue;
            }
            yield new Finding($this->text(), Level::Stop, $path->device->on(),
                "{$path->device->label()}: {$run->gauge} is joined to the factory lead of {$lead} with a {$connector->label()}.",
                ...self::remedy($path->device->on(), $lead, $run->gauge),
                figures: ['lead_mm2' => $lead->areaMm2, 'run_mm2' => $run->gauge->areaMm2]);
        }
    }

    /** @return array{remedy: string, changes: Patch|null} */
    private static function remedy(string $on, Gauge $lead, Gauge $wire): array
    {
        [$thin, $thick] = $lead->isThinnerThan($wire) ? [$lead, $wire] : [$wire, $lead];

        return $thin->areaMm2 === $thick->areaMm2 || StepDown::joins($thin, $thick)
            ? ['remedy' => 'Use a step-down butt that takes both, crimped on each with its own die.', 'changes' => Patch::set($on, ['lead.connector' => (object) ['name' => 'step-down butt', 'thinnest' => $thin->name, 'thickest' => $thick->name]])]
            : ['remedy' => 'No one joint takes both: end the run at a block beside it, or step down twice.', 'changes' => null];
    }
}
