<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\File\Patch;
use Dinghy\Mounting\Sweep;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class HeadSweepsOver implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('M02', [Level::Warn], "a motor's head or coiled cord sweeps over a door, rail or screen as it turns",
            'it jams, or knocks what stands there', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->devices as $device) {
            $sweep = $device->mounting->sweep;
            if ($sweep === null && $device->isMotor() && $solved->plan->mayStandAtBow($device)) {
                yield new Unchecked($this->text(), "device:{$device->id}", 'sweep');
            }
            if ($sweep === null || $sweep->clearance() >= 0) {
                continue;
            }
            $words = $solved->words;
            $what = $sweep->fromRail() < 0 ? 'the rail' : 'the door, lid or screen behind it';
            $part = $sweep->head >= $sweep->cord ? 'head' : 'cord';
            [$offset, $there] = self::better($sweep);
            yield new Finding($this->text(), Level::Warn, "device:{$device->id}",
                "The {$part} of {$device->label()} passes {$words->short(-$sweep->clearance())} over {$what} as it turns.",
                match (true) {
                    $there < 0 => 'No place across the bow clears both: move what stands there, or tie the cord closer.',
                    $offset < 1e-9 => "Mount it in the middle: it then clears everything by {$words->short($there)}.",
                    default => "Mount it {$words->short($offset)} to one side of the middle: it then clears everything by {$words->short($there)}.",
                },
                $there >= 0 ? Patch::set(
                    "device:{$device->id}",
                    ['sweep.offset_m' => $offset],
                ) : null, ['clearance_m' => $sweep->clearance()]);
        }
    }

    /** @return array{float, float} m to one side where it clears most, and the clearance there */
    private static function better(Sweep $sweep): array
    {
        $best = [0.0, $sweep->at(0.0)->clearance()];
        for ($offset = 0.0; $offset <= $sweep->rail; $offset += 0.01) {
            $there = $sweep->at($offset)->clearance();
            if ($there > $best[1] + 1e-9) {
                $best = [round($offset, 2), $there];
            }
        }

        return $best;
    }
}
