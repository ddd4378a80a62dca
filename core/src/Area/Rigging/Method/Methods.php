<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Method;

use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\StepKind;
use Dinghy\Solving\SolvedBoat;

/** The method of each kind of step. */
final readonly class Methods
{
    public function __construct(private SolvedBoat $boat)
    {
    }

    public function of(Step $step): Method
    {
        return match ($step->kind) {
            StepKind::Photograph, StepKind::MakeSafe, StepKind::StripOut, StepKind::Clean => Clearing::method($step),
            StepKind::Drill => Drilling::method($step, $this->boat),
            StepKind::Mount => Mounting::method($step, $this->boat),
            StepKind::Wait => new Method(
                [Method::figure('stands for', $this->boat->words->hours($step->minutes / 60))],
                ['Nothing leans on it, pulls at it or runs through it meanwhile.'],
            ),
            StepKind::Label => new Method(
                $step->piece === null ? [] : [Method::figure('label', $step->piece->labels()[0]), Method::figure('wire', $step->piece->stock->label())],
                ['Print it twice and put it on both ends before the wire leaves the bench.', 'Clear sleeve over each: it has to be read in ten years.'],
            ),
            StepKind::Pull => Pulling::method($step, $this->boat),
            StepKind::Terminate => Ends::method($step, $this->boat),
            StepKind::Connect => Landing::method($step, $this->boat),
            StepKind::Meter, StepKind::Energise => Powering::method($step, $this->boat),
            StepKind::PlugIn => Plugging::method($step),
            StepKind::Commission => Commissioning::method($step, $this->boat),
            StepKind::Close => new Method([], ['Vacuum every corner: one strand of copper pits an aluminium bilge.', 'Count the tools out against the list that went in.', 'Look once along every wire: nothing rubs, nothing hangs, each is held every 45 cm (18 in).'], 'A spanner left behind finds two posts in the first sea.'),
            StepKind::HandOver => new Method([], ['The breakers: off after each trip.', 'The fuse map, and the spare fuses beside it.', 'The habit of charging, and what the lights of the charger mean.', 'The record: every wire with its label, every reading.', 'A day for the second tightening, after the first outing: rings settle.']),
        };
    }
}
