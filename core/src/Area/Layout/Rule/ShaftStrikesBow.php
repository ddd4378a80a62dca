<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ShaftStrikesBow implements Rule
{
    /** m of room that a remedy leaves */
    private const CLEAR = 0.02;

    public function text(): RuleText
    {
        return new RuleText('M01', [Level::Stop], "a bow motor's shaft does not clear the outermost edge of the bow as it comes down",
            'it breaks the mount or the bow', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->devices as $device) {
            $deploy = $device->mounting->deploy;
            if ($deploy === null && $device->isMotor() && $solved->plan->mayStandAtBow($device)) {
                yield new Unchecked($this->text(), "device:{$device->id}", 'deploy');
            }
            if ($deploy === null || $deploy->clearance() > 1e-9) {
                continue;
            }
            // A mount set forward brings the edge nearer to it; one that stands on the edge already needs a riser.
            $setback = $deploy->setback - (self::CLEAR - $deploy->clearance()) / cos($deploy->slope);
            $missing = $solved->words->short(-$deploy->clearance());
            yield new Finding($this->text(), Level::Stop, "device:{$device->id}",
                "The shaft of {$device->label()} strikes the outermost edge of the bow as it comes down: {$missing} too close.",
                "Set its mount at least {$missing} farther forward, or on a riser that reaches over the edge.",
                $setback < 0 ? null : Patch::set(
                    "device:{$device->id}",
                    ['deploy.setback_m' => round($setback, 3)],
                ), ['clearance_m' => $deploy->clearance()]);
        }
    }
}
