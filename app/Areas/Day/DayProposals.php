<?php

declare(strict_types=1);

namespace App\Areas\Day;

use App\Areas\Contract\Proposal;
use Dinghy\Area\Day\Proposal\DayTemplate;
use Dinghy\Area\Day\Proposal\TemplatePhase;
use Dinghy\File\Patch;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Plan;
use Illuminate\Support\ValidatedInput;

/** A day by kind of fishing made the day of a boat. */
final class DayProposals
{
    /** @return array<string, Proposal> by name */
    public static function all(): array
    {
        return ['day' => new Proposal(
            [
                'phases' => ['required', 'array', 'min:1', 'max:'.DayTemplate::MOST_PHASES],
                'phases.*.name' => ['present', 'string', 'max:100'],
                'phases.*.hours' => ['required', 'numeric', 'min:0', 'max:240'],
                'phases.*.engine' => ['sometimes', 'boolean'],
                'phases.*.home' => ['sometimes', 'boolean'],
                'phases.*.on' => ['present', 'array:'.implode(',', array_column(DeviceKind::cases(), 'value'))],
                'phases.*.on.*' => ['numeric', 'min:0', 'max:1'],
            ],
            [
                'phases.*' => 'Phases: send those of a day, each with its name, hours and what is on by kind of device.',
                'phases.*.*' => 'Phases: each has a name, hours from 0 to 240, and shares from 0 to 1 by kind of device.',
            ],
            static function (ValidatedInput $said): \Closure {
                $phases = array_map(self::phase(...), array_values(array_filter((array) $said->input('phases'), is_array(...))));
                $template = $phases === [] ? throw new \LogicException('A day without phases passed the rules.') : new DayTemplate('', $phases);

                return static fn (Plan $plan): Patch => $template->to($plan);
            },
        )];
    }

    /** @param  array<mixed>  $phase */
    private static function phase(array $phase): TemplatePhase
    {
        $on = [];
        foreach (is_array($phase['on'] ?? null) ? $phase['on'] : [] as $kind => $share) {
            is_string($kind) && is_numeric($share) && $on[$kind] = (float) $share;
        }

        return new TemplatePhase(
            is_string($phase['name'] ?? null) ? $phase['name'] : '',
            is_numeric($phase['hours'] ?? null) ? (float) $phase['hours'] : 0.0,
            $on,
            (bool) ($phase['engine'] ?? false),
            (bool) ($phase['home'] ?? false),
        );
    }
}
