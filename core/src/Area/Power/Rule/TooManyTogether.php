<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\PartedBank;
use Dinghy\Plan\Bank;
use Dinghy\Proposal\Rearrange;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class TooManyTogether implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B21', [Level::Stop], 'more blocks in series or in parallel than their maker allows',
            'their management switches break at the higher volts or feed each other', 'the battery\'s own sheet', SourceKind::CommonPractice);
    }

    /**
     * @param  int|null  $parallel  strings that may stay; null: too many are in series
     * @return \Closure(): iterable<Remedy>
     */
    private static function fewer(SolvedBoat $solved, Bank $bank, ?int $parallel): \Closure
    {
        return static function () use ($solved, $bank, $parallel): iterable {
            yield from $parallel === null ? [] : PartedBank::of(
                $solved,
                $bank,
                array_slice($bank->strings, $parallel),
            );
            foreach (Rearrange::ways($bank) as [$series, $strings]) {
                if ($series !== count($bank->strings[0])) {
                    yield new Remedy(
                        "Join its blocks as {$series} in series".($strings > 1 ? ", {$strings} in parallel." : '.'),
                        Rearrange::bank($solved->plan, $bank->id, $series),
                    );
                }
            }
        };
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->banks as $bank) {
            $counts = ['max_series' => count($bank->strings[0]), 'max_parallel' => count($bank->strings)];
            foreach ($bank->batteries() as $battery) {
                foreach ($counts as $field => $count) {
                    $most = $field === 'max_series' ? $battery->mostInSeries : $battery->mostInParallel;
                    if ($most === null && $count > 1 && ! $battery->chemistry->isLead()) {
                        yield new Unchecked($this->text(), "battery:{$battery->id}", $field);
                    } elseif ($most !== null && $count > $most) {
                        yield new Finding($this->text(), Level::Stop, "battery:{$battery->id}",
                            "{$count} blocks ".($field === 'max_series' ? 'in series' : 'in parallel').": the maker of {$solved->called($battery)} allows {$most}.",
                            'Use a block made for it, or one of the bank\'s full voltage.', self::fewer(
                                $solved,
                                $bank,
                                $field === 'max_parallel' ? $most : null,
                            ), ['count' => (float) $count, 'most' => (float) $most]);
                    }
                }
            }
        }
    }
}
