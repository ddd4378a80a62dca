<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherProtection;
use Dinghy\Circuit\States;
use Dinghy\Overcurrent\PlacedProtection;
use Dinghy\Overcurrent\Seat;
use Dinghy\Plan\Bank;
use Dinghy\Protection\FuseFamily;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Wiring\Circuit;
use Dinghy\Wiring\Path;
use Dinghy\Wiring\RunKind;
use Dinghy\Wiring\SizedProtection;

final readonly class BreakingCapacity implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F05', [Level::Stop, Level::Warn], 'breaking capacity < what can flow where it sits, computed with cold copper and full batteries through all that is before it; where a length before it is unknown and no sheet says what it breaks, for lead at 12 or 24 V with known cranking amps by the published table; a larger fuse upstream, or one on each string, with enough capacity is its backup. A stop where the batteries\' resistance is known, a decision where it is estimated',
            'it would weld shut or burst', 'ABYC E-11; computed', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->protections as $protection) {
            yield from $this->judge($solved, $protection);
        }
    }

    /** @return iterable<Finding|Unchecked> */
    private function judge(SolvedBoat $solved, PlacedProtection $protection): iterable
    {
        $unknown = States::firstUnknown($protection->banks);
        if ($unknown !== null) {
            yield new Unchecked($this->text(), $protection->on, self::needs($unknown));

            return;
        }
        $flows = $protection->banks === [] ? null : $solved->shorts->greatest($protection);
        if ($flows === null) {
            return; // nothing feeds it
        }
        [$volts, $amps] = $flows;
        [$tabled, $cranking] = self::tabled($solved, $protection);
        $needed = $tabled ?? $amps;
        $capacity = $protection->sized->planned->breakingCapacity($volts);
        if ($capacity >= $needed || $this->isBackedUp($solved, $protection, $needed, $volts)) {
            return;
        }
        $words = $solved->words;
        $family = $protection->family();
        $known = array_filter($protection->banks, static fn (Bank $bank): bool => ! self::isKnown($bank)) === [];
        yield new Finding($this->text(), $known ? Level::Stop : Level::Warn, $protection->on,
            ucfirst("{$family->label()} of {$words->amps($protection->rating())} on {$protection->where} breaks {$words->amps($capacity)} at {$words->volts($volts)}; ")
                .($tabled === null ? "a short there draws {$words->amps($amps)}." : "with {$words->amps($cranking)} cranking it must break {$words->amps($needed)}."),
            'Put a fuse with more breaking capacity in its place or before it.', static fn (): iterable => self::stronger(
                $solved,
                $protection,
                $needed,
                $volts,
            ),
            ['breaking_a' => $capacity, 'needed_a' => $needed, 'volts' => $volts]);
    }

    /** What a bank's shorts cannot be told without. */
    public static function needs(Bank $bank): string
    {
        return States::knows($bank)
            ? "its maker's volts by charge, of the batteries of {$bank->label()}"
            : "the internal resistance of the batteries of {$bank->label()}";
    }

    /**
     * @return iterable<Remedy> another family in its place, of its rating or of one that its load and its wire allow; else in the place of what is before it, as its backup; fuses before breakers
     */
    private static function stronger(
        SolvedBoat $solved,
        PlacedProtection $protection,
        float $needed,
        float $volts,
    ): iterable {
        foreach ([false, true] as $isBreaker) {
            $breaks = static fn (FuseFamily $family): bool => $family->isBreaker() === $isBreaker && $family->breakingCapacity($volts) >= $needed;
            if ($protection->seat !== Seat::Branch) {
                yield from OtherProtection::between(
                    $solved,
                    $protection,
                    $protection->asks ?? $protection->rating(),
                    $protection->ampacityBehind() ?? $protection->rating(),
                    $breaks,
                );
            }
            foreach ($solved->protections as $upstream) {
                if ($upstream->seat === Seat::Feed && $protection->run?->circuit !== null && self::feeds($solved, $upstream, $protection->run->circuit)) {
                    foreach (OtherProtection::between($solved, $upstream, $upstream->rating(), $upstream->rating(), $breaks) as $remedy) {
                        yield new Remedy(
                            rtrim($remedy->says, '.')." in {$upstream->where}: it breaks what this one cannot.",
                            $remedy->patch,
                        );
                    }
                }
            }
        }
    }

    private static function feeds(SolvedBoat $solved, PlacedProtection $upstream, Circuit $circuit): bool
    {
        foreach ($solved->wiring->pathsThrough($circuit) as $path) {
            if ($path->circuits[0] === $upstream->run?->circuit && $path->circuits[0] !== $circuit) {
                return true;
            }
        }

        return false;
    }

    /**
     * By total cranking amps of a bank that feeds it; the most that any of them asks for. Where what is before it is known, or its own
     * sheet says what it breaks, what flows there decides.
     *
     * @return array{float|null, float} A to break, null where the table does not hold; A cranking
     */
    private static function tabled(SolvedBoat $solved, PlacedProtection $protection): array
    {
        $run = $protection->run;
        $most = [null, 0.0];
        $paths = $run?->circuit === null ? [] : $solved->wiring->pathsThrough($run->circuit);
        $supplies = array_map(static fn (Path $path) => $path->feed()?->supply, $paths);
        if ($protection->sized->planned->breakingAmps !== null || self::knowsWhatIsBefore($solved, $protection, $paths)) {
            return $most;
        }
        foreach ([...$supplies, ($solved->plan->feeds[$run->id ?? ''] ?? null)?->supply] as $supply) {
            $amps = $supply?->bank->crankingAmps();
            if ($supply === null || $amps === null || $supply->nominalVolts() > 24 || ! $supply->bank->batteries()[0]->chemistry->isLead()) {
                continue;
            }
            $needed = ($run?->kind === RunKind::Feed && $protection->index === 0 ? 1.0 : 0.5) * match (true) {
                $amps <= 650 => 1500.0,
                $amps <= 1100 => 3000.0,
                default => 5000.0,
            };
            $most = $needed > ($most[0] ?? 0.0) ? [$needed, $amps] : $most;
        }

        return $most;
    }

    /**
     * Whether every length of wire between the batteries and where it sits is known.
     *
     * @param  list<Path>  $paths  through its circuit
     */
    private static function knowsWhatIsBefore(SolvedBoat $solved, PlacedProtection $protection, array $paths): bool
    {
        foreach ($paths as $path) {
            foreach ($path->circuits as $circuit) {
                if ($circuit === $protection->run?->circuit) {
                    break;
                }
                if ($solved->runs[$circuit->id]->length === null) {
                    return false;
                }
            }
        }

        return $protection->run?->kind !== RunKind::Feed || $protection->sized->planned->fromSource !== null;
    }

    private static function isKnown(Bank $bank): bool
    {
        foreach ($bank->batteries() as $battery) {
            if ($battery->internalOhms === null && $battery->crankingAmps === null) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether something before it, larger and strong enough, would open in its place, whichever way the current comes.
     */
    private function isBackedUp(SolvedBoat $solved, PlacedProtection $protection, float $needed, float $volts): bool
    {
        $run = $protection->run;
        if ($run?->circuit === null) {
            return false;
        }
        // A fuse on each string breaks what its own string gives.
        $alone = array_filter($protection->banks, static function (Bank $bank) use ($protection, $needed, $volts): bool {
            $strings = $bank->stringProtection;
            $count = count($bank->strings);

            return $strings === null || ($strings->rating ?? 0.0) * $count < $protection->rating() || $strings->breakingCapacity($volts) < $needed / $count;
        });
        if ($alone === []) {
            return true;
        }
        $before = array_slice($run->protection, 0, $protection->index);
        $paths = $solved->wiring->pathsThrough($run->circuit);
        foreach ($paths as $path) {
            $upstream = $before;
            foreach ($path->circuits as $circuit) {
                if ($circuit === $run->circuit) {
                    break;
                }
                array_push($upstream, ...$solved->runs[$circuit->id]->protection);
            }
            if (! self::oneIsStrong($upstream, $protection->rating(), $needed, $volts)) {
                return false;
            }
        }

        return $paths !== [] || self::oneIsStrong($before, $protection->rating(), $needed, $volts);
    }

    /** @param  list<SizedProtection>  $upstream */
    private static function oneIsStrong(array $upstream, float $rating, float $needed, float $volts): bool
    {
        foreach ($upstream as $fuse) {
            if ($fuse->rating >= $rating && $fuse->planned->breakingCapacity($volts) >= $needed) {
                return true;
            }
        }

        return false;
    }
}
