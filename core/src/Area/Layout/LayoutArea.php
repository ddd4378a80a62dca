<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout;

use Dinghy\Area\Layout\Format\LayoutSection;
use Dinghy\Area\Layout\Rule\AntennaUnderCover;
use Dinghy\Area\Layout\Rule\BatteryNearPetrol;
use Dinghy\Area\Layout\Rule\ChafeAndDrip;
use Dinghy\Area\Layout\Rule\HeadingSensorPlace;
use Dinghy\Area\Layout\Rule\HeadSweepsOver;
use Dinghy\Area\Layout\Rule\NoPullCord;
use Dinghy\Area\Layout\Rule\NoSlack;
use Dinghy\Area\Layout\Rule\PlaceBeyondReach;
use Dinghy\Area\Layout\Rule\ScreenOutOfSight;
use Dinghy\Area\Layout\Rule\ShaftStrikesBow;
use Dinghy\Area\Layout\Rule\ShaftTooShort;
use Dinghy\Area\Layout\Rule\StationOverboard;
use Dinghy\Area\Layout\Rule\ThrustTooSmall;
use Dinghy\Area\Layout\Rule\TubeTooFull;
use Dinghy\Area\Layout\Rule\UnseenBehindHole;
use Dinghy\Area\Layout\Rule\Unsupported;
use Dinghy\Area\Layout\Rule\WiresApartAtCompass;
use Dinghy\Evaluation\Area;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Stage;

/** Where things sit and cables run: stations and ways, tubes, holes, boards, mounts. */
final class LayoutArea extends Area
{
    public function stage(): Stage
    {
        return new Stage('layout', 'Layout');
    }

    public function isBegun(Plan $plan): bool
    {
        return $plan->boat->stations !== [];
    }

    public function section(): LayoutSection
    {
        return new LayoutSection;
    }

    public function rules(): array
    {
        return [
            new BatteryNearPetrol,
            new TubeTooFull,
            new NoPullCord,
            new NoSlack,
            new Unsupported,
            new WiresApartAtCompass,
            new ChafeAndDrip,
            new PlaceBeyondReach,
            new HeadingSensorPlace,
            new AntennaUnderCover,
            new ShaftStrikesBow,
            new HeadSweepsOver,
            new UnseenBehindHole,
            new ScreenOutOfSight,
            new ShaftTooShort,
            new ThrustTooSmall,
            new StationOverboard,
        ];
    }
}
