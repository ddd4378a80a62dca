<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
use Dinghy\Plan\Protection;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class SparksInPetrolSpace implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F10', [Level::Stop], 'a breaker or fuse that is not ignition protected in a space with petrol tank or engine that is not open to the air',
            'its spark lights the vapour', 'ABYC E-11; 33 CFR 183.410', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $boat = $solved->plan->boat;
        if ($boat->fuel === null) {
            yield new Unchecked($this->text(), 'plan', 'boat.fuel');
        }
        if ($boat->fuel !== 'petrol') {
            return;
        }
        foreach ($solved->plan->feeds as $feed) {
            $protected = array_map(
                static fn (Protection $protection): ?bool => $protection->ignitionProtected,
                $feed->protection,
            );
            if ($protected !== []) {
                yield from $this->judge($solved, "feed:{$feed->id}", $feed->supply->bank->strings[0][0]->station,
                    match (true) {
                        in_array(false, $protected, true) => false,
                        in_array(null, $protected, true) => null,
                        default => true,
                    },
                    array_map(
                        static fn (int $index): string => "protection.{$index}.ignition_protected",
                        array_keys($protected),
                    ));
            }
        }
        foreach ($solved->plan->blocks as $block) {
            if ($block->branches !== []) {
                yield from $this->judge(
                    $solved,
                    "block:{$block->id}",
                    $block->station,
                    $block->ignitionProtected,
                    ['ignition_protected'],
                );
            }
        }
    }

    /**
     * @param  non-empty-list<string>  $fields  that say whether its protection is
     * @return iterable<Finding|Unchecked>
     */
    private function judge(SolvedBoat $solved, string $on, ?string $station, ?bool $protected, array $fields): iterable
    {
        if ($protected === true) {
            return;
        }
        if ($station === null) {
            yield new Unchecked($this->text(), $on, 'station');

            return;
        }
        $place = $solved->plan->boat->stations[$station];
        if ($place->petrolVapour === null) {
            yield new Unchecked($this->text(), "station:{$station}", 'petrol_vapour');
        } elseif ($place->petrolVapour && $protected === null) {
            yield new Unchecked($this->text(), $on, $fields[0]);
        } elseif ($place->petrolVapour) {
            yield new Finding($this->text(), Level::Stop, $on, "{$place->label()} can hold petrol vapour, and the protection there is not ignition protected.",
                'Fit an ignition-protected part, or move it to a place open to the air.', Patch::set(
                    $on,
                    array_fill_keys($fields, true),
                ), []);
        }
    }
}
