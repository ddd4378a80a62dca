<?php

declare(strict_types=1);

namespace Dinghy\Kit;

use Dinghy\Kit\Line\ConnectorLines;
use Dinghy\Kit\Line\DataLines;
use Dinghy\Kit\Line\HoleLines;
use Dinghy\Kit\Line\KitLine;
use Dinghy\Kit\Line\ProtectionLines;
use Dinghy\Kit\Line\TerminalLines;
use Dinghy\Kit\Line\WayLines;
use Dinghy\Kit\Line\WireLines;
use Dinghy\Kit\Piece\Piece;
use Dinghy\Kit\Piece\Pieces;
use Dinghy\Solving\Figures;
use Dinghy\Solving\SolvedBoat;

/** What lies on the bench before a boat is touched: every piece of wire, what else it takes, tools, mass and time. */
final readonly class Kit implements Figures
{
    /**
     * @param  list<Piece>  $pieces
     * @param  list<KitLine>  $lines
     * @param  list<Tool>  $tools
     * @param  float  $minutes  on the bench
     * @param  float  $waste  of the wire that is bought, 0–1
     */
    private function __construct(
        public array $pieces,
        public array $lines,
        public array $tools,
        public WireMass $mass,
        public float $minutes,
        private float $waste,
    ) {
    }

    /** @return list<Piece> those that are cut: all but where a fuse sits on its post */
    public function wires(): array
    {
        return array_values(array_filter($this->pieces, static fn (Piece $piece): bool => $piece->isWire()));
    }

    public function endsToMake(): int
    {
        return array_sum(array_map(static fn (Piece $piece): int => count($piece->madeEnds()), $this->pieces));
    }

    /** @return list<CutPlan> thinnest wire first */
    public function cutFrom(Shelf $shelf): array
    {
        return CutPlan::allOf($this->pieces, $this->waste, $shelf);
    }

    public static function of(SolvedBoat $boat): self
    {
        [$plan, $rules] = [$boat->plan, $boat->plan->houseRules];
        $pieces = $boat->figures(Pieces::class)->all;

        return new self(
            $pieces,
            KitLine::together([
                ...WireLines::of($pieces, $rules->waste),
                ...TerminalLines::of($pieces, $rules->joint),
                ...ConnectorLines::of($boat),
                ...ProtectionLines::of($boat),
                ...WayLines::of($pieces),
                ...HoleLines::of($plan),
                ...DataLines::of($plan),
            ]),
            Tools::of($plan, $pieces),
            WireMass::of($pieces),
            BenchTime::of($pieces, $rules),
            $rules->waste,
        );
    }
}
