<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherSupply;
use Dinghy\Plan\Bank;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Wiring\Path;
use Dinghy\Wiring\SizedRun;

final readonly class ManagementLimit implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B20', [Level::Stop, Level::Warn], 'what is drawn at peak, a tap\'s amps from the blocks below it only, exceeds the management system\'s continuous limit (a decision) or its peak limit (a stop)',
            'it cuts out at full thrust', 'the battery\'s own sheet', SourceKind::CommonPractice);
    }

    /** @return \Closure(): iterable<Remedy> what draws most taken from another bank */
    private static function relieved(SolvedBoat $solved, Bank $bank): \Closure
    {
        return static function () use ($solved, $bank): iterable {
            $paths = array_filter($solved->wiring->paths, static fn (Path $path): bool => $path->bank() === $bank);
            usort($paths, static fn (Path $a, Path $b): int => $b->device->peakAmps <=> $a->device->peakAmps);
            foreach ($paths as $path) {
                yield from OtherSupply::of($solved, $path);
            }
        };
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->banks as $bank) {
            foreach ($bank->batteries() as $battery) {
                $amps = $solved->throughput->outOf($bank, $battery, static fn (SizedRun $run): float => $run->peakAmps);
                if ($battery->chemistry->isLead() || $amps <= 0) {
                    continue;
                }
                foreach (['continuous_a' => $battery->continuousAmps, 'peak_a' => $battery->peakAmps] as $field => $limit) {
                    if ($limit === null) {
                        yield new Unchecked($this->text(), "battery:{$battery->id}", $field);
                    }
                }
                $beyondPeak = $battery->peakAmps !== null && $amps > $battery->peakAmps + 1e-9;
                $limit = $beyondPeak ? $battery->peakAmps : $battery->continuousAmps;
                if ($limit !== null && $amps > $limit + 1e-9) {
                    yield new Finding($this->text(), $beyondPeak ? Level::Stop : Level::Warn, "battery:{$battery->id}",
                        "{$solved->called($battery)} gives up to {$solved->words->amps($amps)}; its management system "
                            .($beyondPeak ? "cuts out at {$solved->words->amps($limit)}." : "passes {$solved->words->amps($limit)} for long."),
                        'Use a battery with a stronger management system, or another string in parallel.', self::relieved($solved, $bank), [
                            'amps' => $amps,
                            'limit_a' => $limit,
                        ]);
                }
            }
        }
    }
}
