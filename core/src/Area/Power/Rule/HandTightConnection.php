<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Conductor\Gauge;
use Dinghy\File\Patch;
use Dinghy\Plan\Fastening;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class HandTightConnection implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B09', [Level::Stop], 'a wing nut or a hand-tight connection on a conductor of 6 AWG / 16 mm² or more',
            'it works loose, heats and burns', 'common practice; ABYC E-11', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $heavy = Gauge::of('6 AWG');
        foreach ($solved->plan->feeds as $feed) {
            $gauge = $solved->runs[$feed->id]->gauge;
            if ($feed->lug->fastening !== Fastening::Nut && ! $gauge->isThinnerThan($heavy)) {
                yield $this->finding(
                    "feed:{$feed->id}",
                    ucfirst("{$solved->plan->called($feed)}, {$gauge}, is held by {$feed->lug->fastening->label()}."),
                    "feed:{$feed->id}",
                    'fastening',
                );
            }
        }
        foreach ($solved->plan->banks as $bank) {
            foreach ($bank->wires() as $wire) {
                if ($wire->lug->fastening !== Fastening::Nut && ! $wire->gauge->isThinnerThan($heavy)) {
                    yield $this->finding("bank:{$bank->id}", "The jumper from {$solved->post($wire->from)} to {$solved->post($wire->to)}, {$wire->gauge}, is held by {$wire->lug->fastening->label()}.",
                        $bank->jumpers === null ? "bank:{$bank->id}" : "jumper:{$wire->id}", $bank->jumpers === null ? 'jumper.fastening' : 'fastening');
                }
            }
        }
    }

    private function finding(string $on, string $says, string $patched, string $field): Finding
    {
        return new Finding($this->text(), Level::Stop, $on, $says, 'Use a proper nut with a lock washer, spanner tight.',
            Patch::set($patched, [$field => Fastening::Nut->value]), []);
    }
}
