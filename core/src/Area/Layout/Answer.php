<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout;

use Dinghy\Evaluation\Evaluation;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Rule;
use Dinghy\Rule\Unchecked;

/** What a rule says of parts of a plan: sound, speaking against, or not known yet. */
final readonly class Answer
{
    /** @param  bool|null  $good  null: something is not known yet */
    private function __construct(public ?bool $good, public string $says)
    {
    }

    /** @param  list<string>  $on  kind:id of the parts */
    public static function of(Evaluation $evaluation, Rule $rule, array $on, string $otherwise): self
    {
        $says = array_map(
            static fn (Finding $finding): string => $finding->says,
            array_filter(
                $evaluation->findings,
                static fn (Finding $finding): bool => $finding->rule->isOf($rule) && in_array($finding->on, $on, true),
            ),
        );
        if ($says !== []) {
            return new self(false, implode(' ', $says));
        }
        $unknown = array_filter(
            $evaluation->unchecked,
            static fn (Unchecked $unchecked): bool => $unchecked->rule->isOf($rule) && in_array($unchecked->on, $on, true),
        );

        return $unknown === [] ? new self(true, $otherwise) : new self(null, 'Not all of it is known yet.');
    }
}
