<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherProtection;
use Dinghy\Area\Power\Remedy\ThickerWire;
use Dinghy\Conductor\Gauge;
use Dinghy\Overcurrent\Conductors;
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

final readonly class ConductorReduction implements Rule
{
    /** times as much, that is more than the noise of arithmetic: of jumpers alike the first is named */
    private const MORE = 1 + 1e-9;

    public function text(): RuleText
    {
        return new RuleText('F06', [Level::Stop], 'the conductor gets thinner, and the protection upstream is larger than the thinner one\'s ampacity: a factory lead behind its run, a jumper behind what all fuses on its bank let through it together',
            'where a wire gets thinner the fuse must suit the thinner one', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->wiring->paths as $path) {
            $last = $path->circuits[count($path->circuits) - 1];
            $run = $solved->runs[$last->id];
            $lead = $solved->runs[$path->device->id] ?? null;
            $index = count($run->protection) - 1;
            if ($lead === null || $index < 0) {
                continue;
            }
            if ($lead->ampacity === null) {
                yield new Unchecked($this->text(), $last->on(), "ampacity of {$lead->gauge}");
            } elseif ($run->protection[$index]->rating > $lead->ampacity) {
                yield $this->lead($solved, $path, $run, $lead->gauge, $lead->ampacity, $index);
            }
        }
        foreach ($solved->plan->banks as $bank) {
            yield from $this->jumpers($solved, $bank);
        }
    }

    private function lead(
        SolvedBoat $solved,
        Path $path,
        SizedRun $run,
        Gauge $gauge,
        float $ampacity,
        int $index,
    ): Finding {
        $words = $solved->words;
        $protection = $run->protection[$index];

        return new Finding($this->text(), Level::Stop, $run->circuit?->on() ?? '',
            "The factory lead of {$path->device->label()}, {$gauge}, carries {$words->amps($ampacity)}; the {$protection->planned->family->label()} before it is {$words->amps($protection->rating)}.",
            'Fit a fuse that suits the factory lead where the lead is joined.', static fn (): iterable => self::smaller(
                $solved,
                $run,
                $index,
                $ampacity,
            ),
            ['rating_a' => $protection->rating, 'ampacity_a' => $ampacity]);
    }

    /** @return iterable<Remedy> */
    private static function smaller(SolvedBoat $solved, SizedRun $run, int $index, float $ampacity): iterable
    {
        $protection = $solved->protectionOf($run, $index);

        return $protection === null ? [] : OtherProtection::between(
            $solved,
            $protection,
            $protection->asks ?? 0.0,
            $ampacity,
        );
    }

    /**
     * A wire of a bank carries what all feeds behind it let through together, unless a fuse in it lets through less.
     *
     * @return iterable<Finding>
     */
    private function jumpers(SolvedBoat $solved, Bank $bank): iterable
    {
        $first = static fn (SizedRun $run): float => $run->firstRating() ?? 0.0;
        [$worst, $most] = [null, 0.0];
        foreach ($bank->wires() as $number => $wire) {
            $conductor = Conductors::jumper($solved->plan, $bank, $wire, $number);
            $flows = $solved->throughput->through($bank, $wire->id, $first);
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
        $words = $solved->words;
        yield new Finding($this->text(), Level::Stop, "bank:{$bank->id}",
            ucfirst("{$worst->label()}, {$worst->gauge}, carries {$words->amps($worst->ampacity ?? 0.0)}; the protection behind it lets {$words->amps($most)} through it."),
            'Use thicker jumpers, or a fuse in them.',
            static fn (): iterable => ThickerWire::carrying($solved, $worst, $most, 'Use jumpers of'),
            ['rating_a' => $most, 'ampacity_a' => $worst->ampacity ?? 0.0]);
    }
}
