<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Battery\Chemistry;
use Dinghy\Plan\Battery;

final readonly class MixedChemistry implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B01', [Level::Stop], 'one bank mixes chemistries',
            'they charge and share differently', 'common practice', SourceKind::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->plan->banks as $bank) {
            $counts = array_count_values(array_map(static fn (Battery $battery): string => $battery->chemistry->value, $bank->batteries()));
            if (count($counts) < 2) {
                continue;
            }
            arsort($counts);
            $most = Chemistry::from((string) array_key_first($counts));
            $others = [];
            foreach ($bank->batteries() as $battery) {
                if ($battery->chemistry !== $most) {
                    $others[] = "{$battery->id} is {$battery->chemistry->label()}";
                }
            }
            yield new Finding($this->text(), Level::Stop, "bank:{$bank->id}",
                "Bank {$bank->id} mixes chemistries: ".implode(', ', $others).", the others are {$most->label()}.",
                "Make the whole bank {$most->label()}, or give the odd battery a bank and a charger of its own.",
                static function () use ($assessment, $bank, $most): iterable {
                    $odd = array_values(array_filter($bank->strings, static fn (array $string): bool => array_filter($string, static fn (Battery $battery): bool => $battery->chemistry !== $most) !== []));

                    return PartedBank::of($assessment->plan, $bank, $odd);
                }, ['chemistries' => (float) count($counts)]);
        }
    }
}
