<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Conductor\Gauge;
use Dinghy\Overcurrent\Conductors;
use Dinghy\Plan\Bank;
use Dinghy\Wiring\Path;
use Dinghy\Wiring\SizedRun;

final readonly class ConductorReduction implements Rule
{
    /** times as much, that is more than the noise of arithmetic: of jumpers alike the first is named */
    private const MORE = 1 + 1e-9;

    public function text(): RuleText
    {
        return new RuleText('F06', [Level::Stop], 'the conductor gets thinner, and the protection upstream is larger than the thinner one\'s ampacity: a factory lead behind its run, a jumper behind what all fuses on its bank let through it together',
            'where a wire gets thinner the fuse must suit the thinner one', 'common practice', SourceKind::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->wiring->paths as $path) {
            $last = $path->circuits[count($path->circuits) - 1];
            $run = $assessment->runs[$last->id];
            $lead = $assessment->runs[$path->device->id] ?? null;
            $index = count($run->protection) - 1;
            if ($lead === null || $index < 0) {
                continue;
            }
            if ($lead->ampacity === null) {
                yield new Unchecked('F06', $last->on(), "ampacity of {$lead->gauge}");
            } elseif ($run->protection[$index]->rating > $lead->ampacity) {
                yield $this->lead($assessment, $path, $run, $lead->gauge, $lead->ampacity, $index);
            }
        }
        foreach ($assessment->plan->banks as $bank) {
            yield from $this->jumpers($assessment, $bank);
        }
    }

    private function lead(Assessment $assessment, Path $path, SizedRun $run, Gauge $gauge, float $ampacity, int $index): Finding
    {
        $words = $assessment->words;
        $protection = $run->protection[$index];

        return new Finding($this->text(), Level::Stop, $run->circuit?->on() ?? '',
            "The factory lead of {$path->device->label()}, {$gauge}, carries {$words->amps($ampacity)}; the {$protection->planned->family->label()} before it is {$words->amps($protection->rating)}.",
            'Fit a fuse that suits the factory lead where the lead is joined.', static fn (): iterable => self::smaller($assessment, $run, $index, $ampacity),
            ['rating_a' => $protection->rating, 'ampacity_a' => $ampacity]);
    }

    /** @return iterable<Remedy> */
    private static function smaller(Assessment $assessment, SizedRun $run, int $index, float $ampacity): iterable
    {
        $protection = $assessment->protectionOf($run, $index);

        return $protection === null ? [] : OtherProtection::between($assessment, $protection, $protection->asks ?? 0.0, $ampacity);
    }

    /**
     * A wire of a bank carries what all feeds behind it let through together, unless a fuse in it lets through less.
     *
     * @return iterable<Finding>
     */
    private function jumpers(Assessment $assessment, Bank $bank): iterable
    {
        $first = static fn (SizedRun $run): float => $run->firstRating() ?? 0.0;
        [$worst, $most] = [null, 0.0];
        foreach ($bank->wires() as $number => $wire) {
            $conductor = Conductors::jumper($assessment->plan, $bank, $wire, $number);
            $flows = $assessment->throughput->through($bank, $wire->id, $first);
            foreach ($wire->protection as $fuse) {
                $flows = min($flows, $fuse->rating ?? INF);
            }
            if ($bank->stringProtection !== null && $bank->isWithinString($wire)) {
                $flows = min($flows, $bank->stringProtection->rating ?? INF);
            }
            if ($conductor->ampacity !== null && $flows > $conductor->ampacity + 1e-6 && ($worst === null || $flows / $conductor->ampacity > self::MORE * $most / ($worst->ampacity ?? INF))) {
                [$worst, $most] = [$conductor, $flows];
            }
        }
        if ($worst === null) {
            return;
        }
        $words = $assessment->words;
        yield new Finding($this->text(), Level::Stop, "bank:{$bank->id}",
            ucfirst("{$worst->label()}, {$worst->gauge}, carries {$words->amps($worst->ampacity ?? 0.0)}; the protection behind it lets {$words->amps($most)} through it."),
            'Use thicker jumpers, or a fuse in them.',
            static fn (): iterable => ThickerWire::carrying($assessment, $worst, $most, 'Use jumpers of'),
            ['rating_a' => $most, 'ampacity_a' => $worst->ampacity ?? 0.0]);
    }
}
