<?php

declare(strict_types=1);

namespace App\Areas\Power;

use App\Areas\Contract\Addition;
use App\Areas\Contract\NewPart;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddBank;
use Dinghy\Proposal\AddBlock;
use Dinghy\Proposal\AddCharger;
use Dinghy\Proposal\AddConverter;
use Dinghy\Proposal\AddDevice;
use Dinghy\Proposal\CircuitOffers;
use Dinghy\Proposal\CircuitRequirements;
use Dinghy\Proposal\FitOnBank;
use Dinghy\Proposal\FitOnRun;

/** Parts of the catalogue put into a plan with what a rigger would give them: a bank, a feed, a circuit, a run. */
final class PowerAdditions
{
    private const ON_A_BANK = ['bank' => ['nullable', 'string', 'max:40']];

    private const ON_A_RUN = ['run' => ['nullable', 'string', 'max:40']];

    /** @return array<string, Addition> by kind of the catalogue */
    public static function all(): array
    {
        return [
            'battery' => new Addition([
                'cranking_a' => ['nullable', 'numeric', 'min:1', 'max:2000'],
                'series' => ['sometimes', 'integer', 'min:1', 'max:'.AddBank::MOST_BLOCKS],
                'parallel' => ['sometimes', 'integer', 'min:1', 'max:'.AddBank::MOST_BLOCKS],
            ], [
                'cranking_a.*' => 'Cranking amps: type a number from 1 to 2000, or leave it empty where it starts no engine.',
                'series.*' => 'Blocks in series: type a number from 1 to '.AddBank::MOST_BLOCKS.'.',
                'parallel.*' => 'Strings in parallel: type a number from 1 to '.AddBank::MOST_BLOCKS.'.',
            ], self::battery(...)),
            'block' => new Addition(self::ON_A_BANK, [], static fn (NewPart $new): \Closure => static fn (Plan $plan): Patch => AddBlock::to($plan, $new->name(), $new->figures(),
                $new->said->string('bank')->value(), $new->station, $new->part->name)),
            'charger' => new Addition([
                ...self::ON_A_BANK,
                'banks' => ['sometimes', 'array', 'min:1', 'max:16'],
                'banks.*' => ['string', 'max:40'],
                'from' => ['nullable', 'string', 'max:40'],
                'block' => ['nullable', 'string', 'max:40'],
            ], ['banks.*' => 'Say which banks it charges.'], self::charger(...)),
            'shunt' => new Addition(
                self::ON_A_BANK,
                [],
                static fn (NewPart $new): \Closure => static fn (Plan $plan): Patch => FitOnBank::shunt($plan, $new->figures(), $new->said->string('bank')->value()),
            ),
            'switch' => new Addition(self::ON_A_BANK + self::ON_A_RUN, [], static function (NewPart $new): \Closure {
                $amps = $new->number('rating_a');

                return static fn (Plan $plan): Patch => $new->said->filled('run')
                    ? FitOnRun::feedSwitch($plan, $amps, $new->said->string('run')->value())
                    : FitOnBank::batterySwitch($plan, $amps, $new->said->string('bank')->value());
            }),
            'device' => new Addition(['on' => ['nullable', 'string', 'max:80']], [], self::device(...)),
            'wire' => new Addition(
                self::ON_A_RUN,
                [],
                static fn (NewPart $new): \Closure => static fn (Plan $plan): Patch => FitOnRun::wire(
                    $plan,
                    $new->figures(),
                    $new->said->string('run')->value(),
                ),
            ),
            'protection' => new Addition(
                self::ON_A_BANK + self::ON_A_RUN,
                [],
                static fn (NewPart $new): \Closure => static fn (Plan $plan): Patch => $new->said->filled('bank') && ! $new->said->filled('run')
                    ? FitOnBank::stringFuses($plan, $new->figures(), $new->said->string('bank')->value())
                    : FitOnRun::protection($plan, $new->figures(), $new->said->string('run')->value()),
            ),
            'connector' => new Addition(
                self::ON_A_RUN,
                [],
                static fn (NewPart $new): \Closure => static fn (Plan $plan, PlanDocument $document): Patch => FitOnRun::connector(
                    $plan,
                    $document,
                    $new->figures(),
                    $new->part->name,
                    $new->said->string('run')->value(),
                ),
            ),
        ];
    }

    /** @return \Closure(Plan): Patch */
    private static function battery(NewPart $new): \Closure
    {
        $series = $new->said->integer('series', 1);

        return static fn (Plan $plan): Patch => AddBank::to($plan, $new->named(), $new->givenName ?? ($series > 1 ? 'thrust' : 'house'), $series, $new->said->integer('parallel', 1),
            $new->station, now()->format('Y-m'), $new->said->filled('cranking_a') ? $new->said->float('cranking_a') : null);
    }

    /** @return \Closure(Plan): Patch */
    private static function charger(NewPart $new): \Closure
    {
        $figures = $new->figures();
        [$amps, $from] = [(float) ($figures->amps ?? 10), $new->said->filled('from') ? $new->said->string('from')->value() : null];
        if (isset($figures->volts)) {
            return static fn (Plan $plan): Patch => AddConverter::to($plan, $new->name(), $amps, (float) $figures->volts, $new->number('efficiency'), $from ?? '', $new->said->string('block')->value(), $new->part->name);
        }
        $named = array_values(array_filter((array) $new->said->input('banks', []), is_string(...)));
        $banks = $named === [] ? [$new->said->string('bank')->value()] : $named;
        $input = is_string($figures->input ?? null) ? $figures->input : 'mains';

        return static fn (Plan $plan): Patch => AddCharger::to($plan, $new->name(), (int) ($figures->outputs ?? 1), $amps, (bool) ($figures->isolated ?? false), $banks, $new->part->name, $input, $from);
    }

    /** @return \Closure(Plan): Patch */
    private static function device(NewPart $new): \Closure
    {
        return static function (Plan $plan) use ($new): Patch {
            $figures = $new->named();
            $circuit = $new->said->filled('on')
                ? CircuitOffers::named(
                    $plan,
                    CircuitRequirements::by($figures),
                    $new->station,
                    $new->shop->blockSizes(),
                    $new->said->string('on')->value(),
                ) : null;

            return AddDevice::to(
                $plan,
                (object) ['name' => $new->name(), ...get_object_vars($figures)],
                $new->station,
                $circuit,
            );
        };
    }
}
