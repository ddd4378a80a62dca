<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Sonar\SonarFunction;
use Dinghy\Sonar\Transducer;

/** What lies between a transducer's plug and a socket, one after the other; nothing, where the plug fits. */
final readonly class Chain
{
    /** @param  list<Link>  $links  from the transducer outward */
    public function __construct(public Transducer $transducer, public array $links)
    {
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_map(static fn (Link $link): string => $link->id(), $this->links);
    }

    /** Whether its plugs fit one another, from the transducer's to a socket's. */
    public function joins(string $socket): bool
    {
        $plug = $this->transducer->plug;
        foreach ($this->links as $link) {
            if ($link->from() !== $plug) {
                return false;
            }
            $plug = $link->to();
        }

        return $plug === $socket;
    }

    /** @return list<SonarFunction> functions of the transducer that every link passes */
    public function kept(): array
    {
        return array_values(array_filter(
            $this->transducer->functions,
            fn (SonarFunction $function): bool => $this->firstThatStops($function) === null,
        ));
    }

    /** @return list<SonarFunction> functions of the transducer that a link does not pass */
    public function lost(): array
    {
        return array_values(array_filter(
            $this->transducer->functions,
            fn (SonarFunction $function): bool => $this->firstThatStops($function) !== null,
        ));
    }

    /** @return Link|null null: all of them pass it */
    public function firstThatStops(SonarFunction $function): ?Link
    {
        foreach ($this->links as $link) {
            if (! $link->passes($function, $this->transducer)) {
                return $link;
            }
        }

        return null;
    }
}
