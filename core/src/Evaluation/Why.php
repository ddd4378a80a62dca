<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Source\Formula;

/**
 * Explains any figure of an evaluation, and any finding, as the page names them: "run:bow-motor:drop_pct",
 * "finding:W01:device:d1".
 */
final readonly class Why
{
    private QuantityFormatter $words;

    public function __construct(private Evaluation $evaluation)
    {
        $this->words = $evaluation->boat->words;
    }

    /** @return Explanation|null null when the evaluation has no such figure */
    public function of(string $figure): ?Explanation
    {
        if (str_starts_with($figure, 'finding:')) {
            return $this->finding(substr($figure, strlen('finding:')));
        }
        foreach ($this->evaluation->areas->all as $area) {
            foreach ($area->reasons($this->evaluation) as $reasons) {
                $explanation = $reasons->of($figure);
                if ($explanation !== null) {
                    return $explanation;
                }
            }
        }

        return null;
    }

    private function finding(string $name): ?Explanation
    {
        $found = array_values(
            array_filter(
                $this->evaluation->findings,
                static fn (Finding $finding): bool => "{$finding->rule->code}:{$finding->on}" === $name,
            ),
        )[0] ?? null;
        if ($found === null) {
            return $this->evaluation->whole || ! $this->evaluation->areas->rulebook->isLate(strtok($name, ':') ?: '') ? null : (new self($this->evaluation->whole()))->finding($name);
        }
        $inputs = [];
        foreach ($found->figures as $figure => $value) {
            $inputs[] = ['name' => str_replace(
                '_',
                ' ',
                (string) preg_replace('/_(a|v|m|pct)$/', '', $figure),
            ), 'value' => match (substr($figure, (int) strrpos($figure, '_') + 1)) {
                'a' => $this->words->amps($value),
                'v' => $this->words->volts($value),
                'm' => $this->words->length($value),
                'pct' => $this->words->percent($value),
                default => QuantityFormatter::trim($value, 2),
            }];
        }

        return new Explanation("Rule {$found->rule->code}", $found->says, new Formula(
            "speaks when: {$found->rule->speaksWhen}",
            $found->rule->source,
            $found->rule->mark,
        ), $inputs,
            'Because '.$found->rule->because.'. '.$found->remedy);
    }
}
