<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\File\Patch;
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
        foreach ($needed as $post) {
            yield new Unchecked($this->text(), Landings::partOf($post), match (true) {
                $post->isShunt() => 'shunt.stud',
                $post->isPlus() => 'stud_pos',
                default => 'stud_neg',
            });
        }
    }
}
