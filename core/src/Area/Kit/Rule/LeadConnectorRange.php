<?php

declare(strict_types=1);

namespace Dinghy\Area\Kit\Rule;

use Dinghy\Conductor\Gauge;
use Dinghy\File\Patch;
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
                'Use a step-down butt that takes both, crimped on each with its own die.',
                Patch::set(
                    $path->device->on(),
                    ['lead.connector' => (object) [
                        'name' => 'step-down butt',
                        'thinnest' => self::thinner($lead, $run->gauge)->name,
                        'thickest' => self::thinner($lead, $run->gauge) === $lead ? $run->gauge->name : $lead->name,
                    ]],
                ),
                ['lead_mm2' => $lead->areaMm2, 'run_mm2' => $run->gauge->areaMm2]);
        }
    }

    private static function thinner(Gauge $a, Gauge $b): Gauge
    {
        return $b->isThinnerThan($a) ? $b : $a;
    }
}
