<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Sonar\SonarFunction;
use Dinghy\Sonar\Transducer;

/**
 * How each transducer of a boat reaches its socket. Those whose links were chosen come first, as they were chosen; the others
 * take of what is left, by their ids, compared bytewise.
 */
final readonly class Chains
{
    /**
     * @param  array<string, Chain>  $chains  by transducer; none: nothing joins its plug to its socket
     * @param  array<string, Link>  $free  by id: what no transducer uses
     */
    private function __construct(private DataNetwork $network, private array $chains, public array $free)
    {
    }

    public static function of(DataNetwork $network): self
    {
        $free = $network->links();
        $chains = $searched = [];
        foreach (self::inTurn($network) as $transducer) {
            $socket = $network->socketOf($transducer);
            if ($socket === null) {
                continue;
            }
            if ($transducer->via === null) {
                $searched[] = $transducer;

                continue;
            }
            $given = array_map(static fn (string $id): ?Link => $free[$id] ?? null, $transducer->via);
            $links = array_values(array_filter($given));
            $chain = new Chain($transducer, $links);
            // What another uses already is not there twice.
            if (count($links) === count(array_unique($transducer->via)) && count($given) === count($links) && $chain->joins($socket->plug)) {
                $chains[$transducer->id] = $chain;
            }
            $free = array_diff_key($free, array_flip($transducer->via));
        }
        foreach ($searched as $transducer) {
            $chain = (new ChainSearch(array_values($free)))->best($transducer, $network->socketOf($transducer)->plug ?? '');
            if ($chain !== null) {
                $chains[$transducer->id] = $chain;
                $free = array_diff_key($free, array_flip($chain->ids()));
            }
        }

        return new self($network, $chains, $free);
    }

    /** @return Chain|null null: nothing joins its plug to its socket, or nobody has said which */
    public function chainOf(Transducer $transducer): ?Chain
    {
        return $this->chains[$transducer->id] ?? null;
    }

    /** Whether its plug reaches its socket; null: nobody has said which. */
    public function reaches(Transducer $transducer): ?bool
    {
        return $this->network->socketOf($transducer) === null ? null : isset($this->chains[$transducer->id]);
    }

    /** @return list<SonarFunction> what comes through and is shown */
    public function shown(Transducer $transducer): array
    {
        $shows = $this->network->socketOf($transducer)->shows ?? [];

        return array_values(array_filter(
            $this->chainOf($transducer)?->kept() ?? [],
            static fn (SonarFunction $function): bool => in_array($function, $shows, true),
        ));
    }

    /** @return list<Transducer> */
    private static function inTurn(DataNetwork $network): array
    {
        $transducers = array_values($network->transducers);
        usort($transducers, static fn (Transducer $a, Transducer $b): int => [$a->via === null] <=> [$b->via === null] ?: strcmp($a->id, $b->id));

        return $transducers;
    }
}
