<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

/** The gauges that a run could have, thinnest first, worked out when first asked for: most runs are never asked. */
final class GaugeLadder
{
    /** @var list<GaugeOption>|null */
    private ?array $options = null;

    /** @param  \Closure(): list<GaugeOption>  $climb */
    public function __construct(private readonly \Closure $climb)
    {
    }

    /** @return list<GaugeOption> */
    public function options(): array
    {
        return $this->options ??= ($this->climb)();
    }
}
