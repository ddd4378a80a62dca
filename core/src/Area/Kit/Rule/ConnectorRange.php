<?php

declare(strict_types=1);

namespace Dinghy\Area\Kit\Rule;

use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ConnectorRange implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W07', [Level::Stop], 'a splice, lug or quick connector outside its gauge range',
            'a crimp holds only what its barrel is made for', 'the part\'s own sheet', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->circuits() as $run) {
            foreach ($run->circuit->run->connectors ?? [] as $number => $connector) {
                if ($run->circuit !== null && ! $connector->takes($run->gauge)) {
                    yield new Finding($this->text(), Level::Stop, $run->circuit->on(), "{$run->circuit->label} is {$run->gauge}; its {$connector->label()} is not made for it.",
                        'Use one made for that gauge.',
                        Patch::set(
                            $run->circuit->on(),
                            [
                                "run.connectors.{$number}.thinnest" => $run->gauge->name,
                                "run.connectors.{$number}.thickest" => $run->gauge->name,
                            ],
                        ), ['area_mm2' => $run->gauge->areaMm2]);
                }
            }
        }
    }
}
