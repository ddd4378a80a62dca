<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Wiring\Landings;

final readonly class CrowdedStud implements Rule
{
    private const MOST = 4;

    public function text(): RuleText
    {
        return new RuleText('W14', [Level::Warn], 'more than four terminals on one stud',
            'the nut does not hold them all', 'ABYC E-11', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $counts = $posts = [];
        foreach (Landings::of($solved->plan) as $landing) {
            $counts[(string) $landing->post] = ($counts[(string) $landing->post] ?? 0) + 1;
            $posts[(string) $landing->post] = $landing->post;
        }
        foreach ($posts as $name => $post) {
            $count = $counts[$name];
            if ($count > self::MOST) {
                yield new Finding($this->text(), Level::Warn, Landings::partOf($post),
                    "{$count} terminals land on {$solved->post($post)}; four is the most.", 'Fit a bus bar and lead one wire to the post.', null, ['terminals' => (float) $count]);
            }
        }
    }
}
