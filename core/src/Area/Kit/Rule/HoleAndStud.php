<?php

declare(strict_types=1);

namespace Dinghy\Area\Kit\Rule;

use Dinghy\File\Patch;
use Dinghy\Kit\Piece\Pieces;
use Dinghy\Kit\Piece\PlanField;
use Dinghy\Plan\StudSize;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;
use Dinghy\Wiring\Landings;

final readonly class HoleAndStud implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('W13', [Level::Stop], 'a terminal\'s hole does not suit the stud',
            'too small does not go on, too large has no grip', 'the parts\' own measures', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $needed = [];
        foreach (Landings::of($solved->plan) as $landing) {
            $stud = Landings::studAt($solved->plan, $landing->post);
            if ($stud === null) {
                $needed[(string) $landing->post] = $landing->post;
            } elseif ($landing->hole !== null && ! StudSize::suits($landing->hole, $stud)) {
                yield new Finding($this->text(), Level::Stop, $landing->on, "A ring for {$landing->hole} is to go on the {$stud} stud of {$solved->post($landing->post)} ({$landing->what}).",
                    "Use a ring for {$stud}.", $landing->field === null ? null : Patch::set(
                        $landing->on,
                        [$landing->field => $stud],
                    ), []);
            }
        }
        yield from $this->awayFromPosts($solved);
        foreach ($needed as $post) {
            yield new Unchecked($this->text(), Landings::partOf($post), Landings::studField($post));
        }
    }

    /** @return iterable<Finding|Unchecked> of rings on fuses, blocks and devices, where the plan gives them a hole */
    private function awayFromPosts(SolvedBoat $solved): iterable
    {
        $said = [];
        foreach ($solved->figures(Pieces::class)->all as $piece) {
            foreach ($piece->ends as $end) {
                $at = $end->at;
                if ($at->hole === null || $at->given === null || $at->asked === null || self::isPost($at->asked) || isset($said[(string) $at->given])) {
                    continue;
                }
                $said[(string) $at->given] = true;
                if ($at->stud === null) {
                    yield new Unchecked($this->text(), $at->asked->on, $at->asked->path);
                } elseif (! $at->suits()) {
                    yield new Finding($this->text(), Level::Stop, $at->given->on, "A ring for {$at->hole} is to go on the {$at->stud} stud of {$at->words} ({$piece->circuit}).",
                        "Use a ring for {$at->stud}.", Patch::set($at->given->on, [$at->given->path => $at->stud]), []);
                }
            }
        }
    }

    /** Whether it is the stud of a battery or of a shunt: those are judged with everything that lands there. */
    private static function isPost(PlanField $stud): bool
    {
        return str_starts_with($stud->on, 'battery:') || str_starts_with($stud->on, 'bank:');
    }
}
