<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\Conduit\Bore;
use Dinghy\File\Patch;
use Dinghy\Plan\Way;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Route\SimpleRoutes;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class TubeTooFull implements Rule
{
    /** other routes of each run */
    private const TRIED = 2;

    public function text(): RuleText
    {
        return new RuleText('W08', [Level::Warn], 'a tube is filled over 53 % by one cable, 31 % by two, 40 % by three or more',
            'it will not pull, and next time never', 'NEC chapter 9 table 1', SourceKind::Published);
    }

    /** @return iterable<Remedy> one of its runs led past it */
    private static function anotherWay(SolvedBoat $solved, Bore $bore): iterable
    {
        $seen = [];
        foreach ($bore->cables as $cable) {
            $circuit = $cable->run === null || isset($seen[$cable->run]) ? null : $solved->runs[$cable->run]->circuit;
            if ($circuit?->from === null || $circuit->to === null) {
                continue;
            }
            $seen[$circuit->id] = true;
            $others = array_values(
                array_filter($solved->plan->boat->ways, static fn (Way $way): bool => $way !== $bore->way),
            );
            foreach (SimpleRoutes::between($others, $circuit->from, $circuit->to, self::TRIED) as $route) {
                yield new Remedy("Lead {$circuit->label} another way, {$solved->words->length($route->length)}.",
                    Patch::of(
                        [
                            [
                                'on' => $circuit->on(),
                                'set' => ['run.route' => $route->stationsFrom($circuit->from), 'run.length_m' => null],
                                'unset' => ['run.minus_route'],
                            ],
                        ],
                    ));
            }
        }
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->boat->ways as $way) {
            if ($way->isTube() && $way->bore === null && $solved->ducts->in($way) !== []) {
                yield new Unchecked($this->text(), "way:{$way->id}", 'bore_mm');
            }
        }
        foreach ($solved->ducts->bores() as $bore) {
            if (! $bore->isTooFull()) {
                continue;
            }
            $words = $solved->words;
            $stations = $solved->plan->boat->stations;
            yield new Finding($this->text(), Level::Warn, "way:{$bore->way->id}",
                "The tube from {$stations[$bore->way->from]->label()} to {$stations[$bore->way->to]->label()}, ".QuantityFormatter::trim($bore->diameter, 0).' mm, is filled to '
                    ."{$words->percent(100 * $bore->fill())} by ".count($bore->cables)." cables; the limit is {$words->percent(100 * $bore->limit())}.",
                'It takes a bore of '.(int) ceil($bore->needed()).' mm, or some of the cables another way.', static fn (): iterable => self::anotherWay($solved, $bore), [
                    'fill_pct' => 100 * $bore->fill(),
                    'limit_pct' => 100 * $bore->limit(),
                ]);
        }
    }
}
