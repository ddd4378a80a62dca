<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Compartment\Compartment;
use Dinghy\Compartment\PositionedBlock;
use Dinghy\File\Patch;
use Dinghy\Plan\Battery;
use Dinghy\Plan\BlockPosition;
use Dinghy\Plan\Plan;

/**
 * The blocks of a bank set out in rows and turned so that they fit, no jumpers cross and the jumpers are short: of all
 * ways to turn them in one row, or in a row for each string, standing along or across.
 */
final class TurnBlocks
{
    /** Above this, blocks alternate: trying every way would take too long. */
    private const MOST_TRIED = 8;

    public static function of(Plan $plan, string $id): Patch
    {
        $bank = $plan->banks[$id] ?? throw ProposalRefused::noSuch('bank', $id);
        $now = Compartment::of($plan, $bank);
        $best = null;
        $least = null;
        foreach ([[$bank->batteries()], $bank->strings] as $rows) {
            foreach ([true, false] as $across) {
                foreach (self::turns(count($bank->batteries())) as $turns) {
                    $lies = self::setOut($rows, $across, $turns);
                    $tried = $now->with($lies);
                    $cost = [
                        max(0.0, $tried->short() ?? 0.0),
                        count($tried->overlaps()),
                        count($tried->crossings()),
                        $tried->wireLength(),
                    ];
                    if ($least === null || $cost < $least) {
                        [$best, $least] = [$lies, $cost];
                    }
                }
            }
        }

        return Patch::all(array_map(
            static fn (Battery $battery): Patch => Patch::set(
                "battery:{$battery->id}",
                ['lies' => ($best[$battery->id] ?? new BlockPosition(0, 0, 0))->planned()],
            ),
            $bank->batteries(),
        ));
    }

    /** @return iterable<int> the blocks that are turned half round, as bits */
    private static function turns(int $blocks): iterable
    {
        if ($blocks <= self::MOST_TRIED) {
            yield from range(0, 2 ** $blocks - 1);
        } else {
            // 0101… and 1010…
            yield from [0x5555, 0xAAAA];
        }
    }

    /**
     * @param  list<list<Battery>>  $rows
     * @param  bool  $across  long sides together; false: end to end
     * @return array<string, BlockPosition>
     */
    private static function setOut(array $rows, bool $across, int $turns): array
    {
        $lies = [];
        $number = 0;
        $y = 0.0;
        foreach ($rows as $row) {
            $x = 0.0;
            $deepest = 0.0;
            foreach ($row as $battery) {
                [$long, $short] = PositionedBlock::footprint($battery);
                $half = ($turns >> $number++) & 1;
                $lies[$battery->id] = new BlockPosition($x, $y, ($across ? 90 : 0) + 180 * $half);
                $x += ($across ? $short : $long) + Compartment::GAP;
                $deepest = max($deepest, $across ? $long : $short);
            }
            $y += $deepest + Compartment::GAP;
        }

        return $lies;
    }
}
