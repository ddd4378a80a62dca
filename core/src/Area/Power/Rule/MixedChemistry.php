<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\PartedBank;
use Dinghy\Battery\Chemistry;
use Dinghy\Plan\Battery;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class MixedChemistry implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B01', [Level::Stop], 'one bank mixes chemistries',
            'they charge and share differently', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->banks as $bank) {
            $counts = array_count_values(
                array_map(static fn (Battery $battery): string => $battery->chemistry->value, $bank->batteries()),
            );
            if (count($counts) < 2) {
                continue;
            }
            arsort($counts);
            $most = Chemistry::from((string) array_key_first($counts));
            $others = [];
            foreach ($bank->batteries() as $battery) {
                if ($battery->chemistry !== $most) {
                    $others[] = "{$solved->called($battery)} is {$battery->chemistry->label()}";
                }
            }
            yield new Finding($this->text(), Level::Stop, "bank:{$bank->id}",
                ucfirst("{$bank->label()} mixes chemistries: ").implode(', ', $others).", the others are {$most->label()}.",
                "Make the whole bank {$most->label()}, or give the odd battery a bank and a charger of its own.",
                static function () use ($solved, $bank, $most): iterable {
                    $odd = array_values(
                        array_filter(
                            $bank->strings,
                            static fn (array $string): bool => array_filter(
                                $string,
                                static fn (Battery $battery): bool => $battery->chemistry !== $most,
                            ) !== [],
                        ),
                    );

                    return PartedBank::of($solved, $bank, $odd);
                }, ['chemistries' => (float) count($counts)]);
        }
    }
}
