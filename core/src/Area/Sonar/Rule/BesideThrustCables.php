<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Rule;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\Patch;
use Dinghy\Network\CableRun;
use Dinghy\Network\LaidCable;
use Dinghy\Plan\Way;
use Dinghy\Route\Route;
use Dinghy\Route\SimpleRoutes;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class BesideThrustCables extends SonarRule
{
    /** A of a conductor that disturbs [cp] */
    private const HEAVY = 10.0;

    /** m beside it */
    private const FROM = 1.0;

    private const NOISE = 1e-6;

    /** other ways that are tried */
    private const TRIED = 20;

    public function text(): RuleText
    {
        return new RuleText('N11', [Level::Note], 'a transducer or network cable shares more than 1 m of a tube or gunwale with conductors of more than 10 A',
            'stripes on the picture', 'common practice', SourceKind::CommonPractice);
    }

    protected function judge(SolvedBoat $solved, SonarFigures $figures): iterable
    {
        $heavy = self::heavyWays($solved);
        foreach ($heavy === [] ? [] : LaidCable::allOf($solved->plan, $figures->network) as $cable) {
            yield from $this->beside($solved, $heavy, $cable);
        }
    }

    /**
     * @param  array<string, float>  $heavy  A by way
     * @return iterable<Finding|Unchecked>
     */
    private function beside(SolvedBoat $solved, array $heavy, LaidCable $cable): iterable
    {
        [$on, $route, $from, $to] = [$cable->on, $cable->route, $cable->from, $cable->to];
        if ($route === null || $from === null || $to === null) {
            yield new Unchecked($this->text(), $on, 'route');

            return;
        }
        $metres = self::shared($route, $heavy);
        if ($metres > self::FROM + self::NOISE) {
            $amps = max(array_intersect_key($heavy, array_column(CableRun::close($route), null, 'id')) + [0.0]);
            yield new Finding($this->text(), Level::Note, $on,
                ucfirst($cable->cable)." lies beside conductors of {$solved->words->amps($amps)} for {$solved->words->length($metres)}.",
                'Lead it another way, or cross them at a right angle.',
                static function () use ($solved, $heavy, $on, $route, $from, $to): iterable {
                    foreach (SimpleRoutes::between($solved->plan->boat->ways, $from, $to, self::TRIED) as $other) {
                        if (self::shared($other, $heavy) <= self::FROM) {
                            yield new Remedy(
                                "Lead it another way, {$solved->words->length($other->length)} instead of {$solved->words->length($route->length)}.",
                                Patch::set($on, ['route' => $other->stationsFrom($from)]),
                            );
                        }
                    }
                }, ['shared_m' => $metres, 'amps' => $amps]);
        }
    }

    /** @param  array<string, float>  $heavy */
    private static function shared(Route $route, array $heavy): float
    {
        return array_sum(array_map(
            static fn (Way $way): float => isset($heavy[$way->id]) ? $way->length : 0.0,
            CableRun::close($route),
        ));
    }

    /** @return array<string, float> A of the heaviest conductor in each way that has one of more than 10 A */
    private static function heavyWays(SolvedBoat $solved): array
    {
        $heavy = [];
        foreach ($solved->circuits() as $run) {
            foreach ([$run->circuit?->route, $run->circuit?->minusRoute] as $route) {
                foreach ($run->amps > self::HEAVY ? $route->ways ?? [] : [] as $way) {
                    $heavy[$way->id] = max($heavy[$way->id] ?? 0.0, $run->amps);
                }
            }
        }

        return $heavy;
    }
}
