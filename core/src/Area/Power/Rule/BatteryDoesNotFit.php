<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class BatteryDoesNotFit implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('B07', [Level::Stop], 'a battery does not fit its tray (length × width × height over the posts) or under its lid',
            'it cannot be held, or the lid lands on its posts', 'the parts\' own measures', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->batteries as $battery) {
            foreach (['size_mm' => $battery->size, 'tray_mm' => $battery->tray] as $field => $known) {
                if ($known === null) {
                    yield new Unchecked($this->text(), "battery:{$battery->id}", $field);

                    continue 2;
                }
            }
            [$size, $tray] = [$battery->size ?? [], $battery->tray ?? []];
            // It may stand either way round, never on its side.
            $over = static fn (float $length, float $width): array => [
                $length - $tray[0],
                $width - $tray[1],
                $size[2] - $tray[2],
            ];
            $ways = [$over($size[0], $size[1]), $over($size[1], $size[0])];
            $worst = min(max($ways[0]), max($ways[1]));
            if ($worst > 0) {
                $best = max($ways[0]) <= max($ways[1]) ? $ways[0] : $ways[1];
                $where = [];
                foreach (['long', 'wide', 'high'] as $i => $word) {
                    if ($best[$i] > 0) {
                        $where[] = QuantityFormatter::trim($best[$i], 0)." mm too {$word}";
                    }
                }
                yield new Finding($this->text(), Level::Stop, "battery:{$battery->id}",
                    "{$solved->called($battery)} is ".implode(' and ', $where).' for the place it stands in.',
                    'Choose a battery of a smaller group, or another place for it.', null, ['over_mm' => $worst]);
            }
        }
    }
}
