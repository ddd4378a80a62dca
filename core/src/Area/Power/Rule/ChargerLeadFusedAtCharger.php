<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ChargerLeadFusedAtCharger implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B12', [Level::Stop], 'a lengthened charger lead has its fuse at the charger\'s end',
            'the battery is the source: the lead is bare of protection', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->chargers as $charger) {
            foreach ($charger->batteryOutputs() as $number => $output) {
                if ($output->leadGauge === null) {
                    continue;
                }
                if ($output->fuseAt === null) {
                    yield new Unchecked($this->text(), "charger:{$charger->id}", "outputs.{$number}.fuse_at");
                } elseif ($output->fuseAt === 'charger') {
                    yield new Finding($this->text(), Level::Stop, "charger:{$charger->id}",
                        "The lead from {$charger->label()} to {$solved->called($output->across[0])} is fused at the charger: the battery feeds a short in it.",
                        'Put its fuse within 0.15 m of the battery post.',
                        Patch::set("charger:{$charger->id}", ["outputs.{$number}.fuse_at" => 'battery']), []);
                }
            }
        }
    }
}
