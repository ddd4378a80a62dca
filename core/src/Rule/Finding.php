<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\File\Patch;

/** A rule that speaks: what is wrong, on which part, by how much, and what would put it right. */
final readonly class Finding
{
    /**
     * @param  string  $on  kind:id
     * @param  string  $remedy  what to do about it, in words that hold whatever comes of the changes
     * @param  (\Closure(): iterable<Remedy>)|Patch|null  $changes  to the plan that may mend it, best first: the one that
     *                                                             `$remedy` speaks of, or several, made only when asked for
     * @param  array<string, float>  $figures  SI
     */
    public function __construct(
        public RuleText $rule,
        public Level $level,
        public string $on,
        public string $says,
        public string $remedy,
        private \Closure|Patch|null $changes,
        public array $figures,
    ) {
    }

    /** @return iterable<Remedy> best first; none of them was tried */
    public function remedies(): iterable
    {
        return match (true) {
            $this->changes === null => [],
            $this->changes instanceof Patch => [new Remedy($this->remedy, $this->changes)],
            default => ($this->changes)(),
        };
    }

    /**
     * What a decision about this finding is given for: the rule, the part and the figures it speaks of. When they change,
     * it is another occasion and the decision is open again.
     */
    public function occasion(): string
    {
        // Figures are the same in any units; six digits keep arithmetic noise from opening what was decided.
        $figures = array_map(static fn (float $figure): string => sprintf('%.6g', $figure), $this->figures);

        return hash(
            'xxh128',
            implode(
                '|',
                [
                    $this->rule->code,
                    $this->on,
                    $this->level->value,
                    json_encode($figures === [] ? $this->says : $figures, JSON_THROW_ON_ERROR),
                ],
            ),
        );
    }
}
