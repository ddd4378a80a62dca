<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\BankOpen;
use Dinghy\Area\Rigging\Rule\ChargersUnplugged;
use Dinghy\Area\Rigging\Rule\CuredAndCharged;
use Dinghy\Area\Rigging\Rule\GapRead;
use Dinghy\Area\Rigging\Rule\HoldRule;
use Dinghy\Area\Rigging\Rule\HullVolts;
use Dinghy\Area\Rigging\Rule\LampDark;
use Dinghy\Area\Rigging\Rule\MainsByLicence;
use Dinghy\Area\Rigging\Rule\NegativesLast;
use Dinghy\Area\Rigging\Rule\NoFlame;
use Dinghy\Area\Rigging\Rule\OhmsRead;
use Dinghy\Area\Rigging\Rule\OldStatePhotographed;
use Dinghy\Area\Rigging\Rule\ProvenDead;
use Dinghy\Area\Rigging\Rule\RestInside;
use Dinghy\Area\Rigging\Rule\ToolsCountedOut;
use Dinghy\Evaluation\Area;
use Dinghy\Plan\Plan;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Stage;
use Dinghy\Solving\SolvedBoat;

/** The work on a boat, step by step. */
final class RiggingArea extends Area
{
    public function stage(): Stage
    {
        return new Stage('rig', 'Rig');
    }

    public function isBegun(Plan $plan): bool
    {
        return $plan->feeds !== [] || $plan->banks !== [];
    }

    /** What is done of it no plan says: whoever keeps the record does. */
    public function leftToDo(SolvedBoat $boat): string
    {
        return 'to do';
    }

    public function holds(): array
    {
        return array_map(static fn (HoldRule $hold): RuleText => $hold->text(), [
            new ChargersUnplugged, new BankOpen, new NegativesLast, new NoFlame, new MainsByLicence, new OldStatePhotographed, new ProvenDead, new GapRead, new OhmsRead, new LampDark, new RestInside, new ToolsCountedOut, new CuredAndCharged, new HullVolts,
        ]);
    }
}
