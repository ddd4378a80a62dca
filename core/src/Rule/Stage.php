<?php

declare(strict_types=1);

namespace Dinghy\Rule;

/** A stage of the work on a boat; each rule's part is seen and mended at one of them. */
final readonly class Stage
{
    /**
     * @param  string  $name  as it stands in answers: "layout"
     * @param  string  $label  as people read it: "Layout"
     */
    public function __construct(
        public string $name,
        public string $label,
    ) {
    }
}
