<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Figure;

/** A cable that is drawn into a tube when its turn comes. */
final readonly class PullStep
{
    /**
     * @param  string|null  $on  kind:id of a moulded cable; null: a wire of a circuit, which has no plug yet
     * @param  float|null  $plug  mm across; null: it has none, or nobody has measured it
     * @param  float|null  $cable  mm across; null: nobody has measured it
     * @param  float|null  $bend  mm, the least radius
     * @param  bool|null  $passes  beside what lies there by then; null: a diameter is missing
     */
    public function __construct(
        public ?string $on,
        public string $label,
        public ?float $plug,
        public ?float $cable,
        public ?float $bend,
        public ?bool $passes,
    ) {
    }
}
