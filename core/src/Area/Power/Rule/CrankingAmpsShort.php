<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class CrankingAmpsShort implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B25', [Level::Stop], 'the starting battery\'s cranking amps are below the engine\'s minimum',
            'it will not start when it is cold', 'the engine\'s own sheet', SourceKind::CommonPractice);
    }

    /** @return \Closure(): iterable<Remedy> another bank of the boat to start from */
    private static function stronger(Plan $plan, Battery $now, float $least): \Closure
    {
        return static function () use ($plan, $now, $least): iterable {
            foreach ($plan->banks as $bank) {
                $battery = $bank->batteries()[0];
                if ($bank !== $plan->bankOf($now->id) && $bank->nominalVolts() === $now->nominalVolts && $bank->crankingAmps() >= $least && $battery->chemistry->isLead()) {
                    yield new Remedy(
                        "Start the engine from {$bank->label()}.",
                        Patch::set('plan', ['boat.engine.battery' => $battery->id]),
                    );
                }
            }
        };
    }

    public function check(SolvedBoat $solved): iterable
    {
        $engine = $solved->plan->boat->engine;
        if ($engine === null) {
            return;
        }
        $battery = $solved->plan->batteries[$engine->battery];
        if ($engine->leastColdCranking === null) {
            yield new Unchecked($this->text(), 'plan', 'boat.engine.min_cca_a');
        } elseif ($battery->crankingAmps === null) {
            yield new Unchecked($this->text(), "battery:{$battery->id}", 'cca_a');
        } else {
            $bank = $solved->plan->bankOf($battery->id);
            $amps = $bank === null ? $battery->crankingAmps : $bank->crankingAmps() ?? $battery->crankingAmps;
            if ($amps < $engine->leastColdCranking) {
                yield new Finding($this->text(), Level::Stop, "battery:{$battery->id}",
                    "The starting battery gives {$solved->words->amps($amps)} when cold; the engine asks for {$solved->words->amps($engine->leastColdCranking)}.",
                    'Fit a starting battery with enough cranking amps.', self::stronger(
                        $solved->plan,
                        $battery,
                        $engine->leastColdCranking,
                    ), [
                        'cca_a' => $amps,
                        'min_cca_a' => $engine->leastColdCranking,
                    ]);
            }
        }
    }
}
