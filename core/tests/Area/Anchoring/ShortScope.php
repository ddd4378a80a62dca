<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Anchoring;

use Dinghy\File\Patch;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ShortScope implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('M90', [Level::Warn], 'a rode is shorter than five times depth and freeboard', 'an anchor pulled upward lets go', 'a test', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->part(Anchors::class)->all ?? [] as $anchor) {
            $scope = $solved->figures(Scope::class)->of[$anchor->id] ?? null;
            if ($scope === null) {
                yield new Unchecked($this->text(), "anchor:{$anchor->id}", 'depth_m');
            } elseif ($scope < 5) {
                yield new Finding($this->text(), Level::Warn, "anchor:{$anchor->id}", "The rode of {$anchor->id} is {$solved->words->length($anchor->rode)}.", 'Give it more rode.',
                    Patch::set("anchor:{$anchor->id}", ['rode_m' => ceil(5 * $anchor->rode / $scope)]), ['scope' => $scope]);
            }
        }
    }
}
