<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Conductor\Gauge;
use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ThinSingleConductor implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W05', [Level::Warn], 'a single conductor thinner than 16 AWG outside a jacket',
            'it breaks by its own weight and movement', 'ABYC E-11', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->circuits() as $run) {
            if ($run->circuit !== null && ! $run->circuit->run->jacketed && $run->gauge->isThinnerThan(Gauge::of($run->gauge->metric ? '1 mm2' : '16 AWG'))) {
                yield new Finding($this->text(), Level::Warn, $run->circuit->on(), "{$run->circuit->label} is single {$run->gauge}, thinner than 16 AWG.",
                    'Run it as a jacketed pair, or thicker.', Patch::set(
                        $run->circuit->on(),
                        ['run.cable' => 'pair'],
                    ), ['area_mm2' => $run->gauge->areaMm2]);
            }
        }
    }
}
